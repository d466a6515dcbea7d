import type { Item } from './item'
import { colours } from './item'

export const tools: Item[] = [
  {
    sku: 'SMO-S', name: ['Smoker, small', 'Smoker, klein'], brand: 'marrowby', in: ['smokers'], price: 28, drawing: 'smokerSmall', tint: 'steel',
    text: 'Galvanised, for one or two hives.', tags: ['beginner', 'metal'], facts: { can: '80 mm' },
  },
  {
    sku: 'SMO-M', name: ['Smoker, stainless', 'Smoker, Edelstahl'], brand: 'marrowby', in: ['smokers'], price: 39, drawing: 'smoker', tint: 'steel',
    text: 'A guard that keeps hands and trousers from the heat, and leather bellows that last.', tags: ['metal'], facts: { can: '100 mm' },
  },
  {
    sku: 'SMO-L', name: ['Smoker, large, copper', 'Smoker, groß, Kupfer'], brand: 'marrowby', in: ['smokers'], price: 62, was: 69, drawing: 'smoker', tint: 'clay',
    text: 'Burns for two hours on one filling.', tags: ['metal'], facts: { can: '100 mm' },
  },
  {
    sku: 'FUEL', name: ['Smoker fuel', 'Rauchmaterial'], brand: 'larkmoor', in: ['smokers'], price: 7.9, drawing: 'fuel', tint: 'olive',
    text: 'Cool white smoke that does not smell of tar.', tags: ['consumable', 'beginner'], options: { kind: [{ value: 'cotton', code: 'COT', tint: 'cream' }, { value: 'herbs', code: 'HER', tint: 'olive', extra: 1 }, { value: 'pellets', code: 'PEL', tint: 'clay', extra: 2 }] },
  },
  {
    sku: 'BEL-100', name: ['Spare bellows, 100 mm', 'Ersatzbalg, 100 mm'], brand: 'marrowby', in: ['smokers'], price: 16.5, drawing: 'bellows', tint: 'leather',
    text: 'Two screws, and an old smoker is as good as new.', tags: ['spare part', 'leather'], facts: { fits: '100 mm' },
  },
  {
    sku: 'SMO-BOX', name: ['Smoker safe', 'Transportdose für Smoker'], brand: 'marrowby', in: ['smokers'], price: 34, drawing: 'canister', tint: 'iron',
    text: 'Puts the fire out on the way home.', tags: ['metal', 'transport'],
  },
  {
    sku: 'LIT-1', name: ['Long lighter', 'Stabfeuerzeug'], brand: 'larkmoor', in: ['smokers'], price: 3.9, drawing: 'pocketTool', tint: 'red',
    text: 'Reaches to the bottom of the can.', tags: ['beginner'], status: 'draft',
  },
  {
    sku: 'HT-S', name: ['Hive tool, straight', 'Stockmeißel, gerade'], brand: 'marrowby', in: ['hive-tools'], price: 9.5, drawing: 'hiveTool', tint: 'yellow',
    text: 'One end scrapes, the other lifts. Yellow, because grass is green.', tags: ['beginner', 'metal'], options: { colour: colours('yellow', 'red', 'blue', 'green') },
  },
  {
    sku: 'HT-J', name: ['Hive tool, J-hook', 'Stockmeißel mit Haken'], brand: 'marrowby', in: ['hive-tools'], price: 12.9, drawing: 'jTool', tint: 'red',
    text: 'The hook lifts the first frame out of a full box.', tags: ['metal'], options: { colour: colours('red', 'yellow', 'green') },
  },
  {
    sku: 'HT-P', name: ['Pocket tool', 'Taschenmeißel'], brand: 'marrowby', in: ['hive-tools'], price: 7.2, drawing: 'pocketTool', tint: 'teal',
    text: 'Lives on your key ring.', tags: ['metal'], options: { colour: colours('teal', 'red', 'yellow') },
  },
  {
    sku: 'GRIP-1', name: ['Frame grip', 'Wabenzange'], brand: 'marrowby', in: ['hive-tools'], price: 18.5, drawing: 'grip', tint: 'iron',
    text: 'Lifts a frame with one hand.', tags: ['metal'],
  },
  {
    sku: 'REST-1', name: ['Frame rest', 'Wabenhalter'], brand: 'marrowby', in: ['hive-tools'], price: 15, drawing: 'rest', tint: 'iron',
    text: 'Hangs on the side of the box and holds three frames while you look at the fourth.', tags: ['metal'],
  },
  {
    sku: 'BRU-1', name: ['Bee brush', 'Bienenbesen'], brand: 'larkmoor', in: ['hive-tools'], price: 7.5, drawing: 'brush', tint: 'pine',
    text: 'Soft white bristles that bees do not mind.', tags: ['beginner', 'harvest'],
  },
  {
    sku: 'WING-1', name: ['Goose wing', 'Gänseflügel'], brand: 'tarn', in: ['hive-tools'], price: 6.8, drawing: 'wing', tint: 'white',
    text: 'What grandmother used. It still works best.', tags: ['harvest'], stock: 0,
  },
  {
    sku: 'TBOX-1', name: ['Tool box', 'Werkzeugkasten'], brand: 'hollin', in: ['hive-tools'], price: 32, drawing: 'box', tint: 'pine',
    text: 'Room for smoker, tools, fuel and a notebook, and a lid to sit on.', tags: ['woodwork', 'transport'],
  },
  {
    sku: 'LOUPE-1', name: ['Field loupe', 'Feldlupe'], brand: 'tarn', in: ['hive-tools', 'queens'], price: 13.5, drawing: 'loupe', tint: 'steel',
    text: 'Find eggs without squinting.', tags: ['hive health', 'queens'],
  },
]
