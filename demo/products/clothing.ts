import type { Choice, Item } from './item'
import { colours, sizes } from './item'

const clothes: Choice[] = colours('white', 'sage', 'navy')
const childSizes: Choice[] = ['6 years', '8 years', '10 years', '12 years'].map(value => ({ value, code: value.split(' ')[0]! }))
const handSizes: Choice[] = ['7', '8', '9', '10', '11'].map(value => ({ value, code: value }))

export const clothing: Item[] = [
  {
    sku: 'SUIT', name: ['Bee suit, round hood', 'Imkeroverall mit Rundhut'], brand: 'quill', in: ['suits'], price: 84, drawing: 'suit', tint: 'white',
    text: 'Heavy cotton, brass zips, and a round hood that unzips for washing.', tags: ['beginner', 'cotton'], facts: { cloth: 'cotton' }, options: { colour: clothes, size: sizes },
  },
  {
    sku: 'SUIT-V', name: ['Bee suit, three-layer mesh', 'Imkeroverall, dreilagiges Netz'], brand: 'quill', in: ['suits'], price: 149, drawing: 'suitAiry', tint: 'white',
    text: 'Air goes through, stings do not. For long days in July.', tags: ['summer', 'mesh'], facts: { cloth: 'mesh' }, options: { colour: clothes, size: sizes },
  },
  {
    sku: 'JKT', name: ['Jacket, round hood', 'Imkerjacke mit Rundhut'], brand: 'quill', in: ['suits'], price: 54, drawing: 'jacket', tint: 'white',
    text: 'Pulls over a shirt in a moment. Two pockets that close.', tags: ['beginner', 'cotton'], facts: { cloth: 'cotton' }, options: { colour: clothes, size: sizes },
  },
  {
    sku: 'JKT-O', name: ['Jacket, open hood', 'Imkerjacke mit offener Haube'], brand: 'quill', in: ['suits'], price: 59, drawing: 'jacketOpen', tint: 'white',
    text: 'The veil stands clear of the face and folds back like a collar.', tags: ['cotton'], facts: { cloth: 'cotton' }, options: { colour: colours('white', 'olive', 'navy'), size: sizes },
  },
  {
    sku: 'JKT-V', name: ['Jacket, three-layer mesh', 'Imkerjacke, dreilagiges Netz'], brand: 'quill', in: ['suits'], price: 98, drawing: 'jacketOpen', tint: 'sage',
    text: 'The upper half of the mesh suit, for those who work in jeans.', tags: ['summer', 'mesh'], facts: { cloth: 'mesh' }, options: { colour: colours('sage', 'white'), size: sizes },
  },
  {
    sku: 'SUIT-K', name: ['Bee suit for children', 'Imkeroverall für Kinder'], brand: 'quill', in: ['suits'], price: 49, drawing: 'suit', tint: 'yellow',
    text: 'Cut wide, so that it lasts two summers.', tags: ['beginner', 'cotton', 'children'], facts: { cloth: 'cotton' }, options: { colour: colours('white', 'yellow', 'sky'), size: childSizes },
  },
  {
    sku: 'SMK-C', name: ['Smock without hood', 'Arbeitskittel'], brand: 'quill', in: ['suits'], price: 34, drawing: 'smock', tint: 'olive',
    text: 'For the honey room and quiet colonies.', tags: ['cotton'], facts: { cloth: 'cotton' }, options: { colour: colours('olive', 'navy'), size: sizes },
  },
  {
    sku: 'TRS', name: ['Work trousers', 'Arbeitshose'], brand: 'quill', in: ['suits'], price: 39, drawing: 'trousers', tint: 'white',
    text: 'Elastic cuffs, knee pads that slide in, a long pocket for the hive tool.', tags: ['cotton'], facts: { cloth: 'cotton' }, options: { colour: colours('white', 'olive'), size: sizes },
  },
  {
    sku: 'VEIL', name: ['Hat with veil', 'Hut mit Schleier'], brand: 'quill', in: ['veils'], price: 21, drawing: 'veil', tint: 'cream',
    text: 'A light hat with a veil that ties under the arms. For a quick look.', tags: ['beginner', 'summer'], options: { colour: colours('cream', 'olive') },
  },
  {
    sku: 'VEIL-R', name: ['Spare veil, round hood', 'Ersatzschleier für Rundhut'], brand: 'quill', in: ['veils'], price: 14, drawing: 'veil', tint: 'white',
    text: 'Zips onto every Quillhaven suit and jacket with a round hood.', tags: ['spare part'],
  },
  {
    sku: 'HAT', name: ['Straw hat, wide brim', 'Strohhut mit breiter Krempe'], brand: 'quill', in: ['veils'], price: 16, drawing: 'hat', tint: 'wax',
    text: 'Shade while you watch the entrance.', tags: ['summer'], options: { size: [{ value: 'S/M', code: 'SM' }, { value: 'L/XL', code: 'LX' }] },
  },
  {
    sku: 'GLO-L', name: ['Goatskin gloves', 'Handschuhe aus Ziegenleder'], brand: 'quill', in: ['gloves'], price: 24, drawing: 'gloves', tint: 'leather',
    text: 'Soft leather with long cotton cuffs. You still feel the frame.', tags: ['beginner', 'leather'], options: { colour: colours('leather', 'cream'), size: handSizes },
  },
  {
    sku: 'GLO-C', name: ['Cowhide gloves, ventilated', 'Handschuhe aus Rindsleder, belüftet'], brand: 'quill', in: ['gloves'], price: 29, drawing: 'gloves', tint: 'cream',
    text: 'For hot-tempered colonies, with mesh at the wrists.', tags: ['leather', 'summer'], options: { size: handSizes },
  },
  {
    sku: 'GLO-N', name: ['Nitrile gloves, long', 'Nitrilhandschuhe, lang'], brand: 'larkmoor', in: ['gloves'], price: 8.5, drawing: 'glovesThin', tint: 'blue',
    text: 'Fifty pairs, thin enough to pick up a queen.', tags: ['consumable', 'hive health'], options: { colour: colours('blue', 'black'), size: [{ value: 'S', code: 'S' }, { value: 'M', code: 'M' }, { value: 'L', code: 'L' }] },
  },
  {
    sku: 'GAIT', name: ['Ankle gaiters', 'Gamaschen'], brand: 'quill', in: ['gloves'], price: 12.5, drawing: 'gaiters', tint: 'olive',
    text: 'Close the one gap that bees always find.', tags: ['cotton'],
  },
]
