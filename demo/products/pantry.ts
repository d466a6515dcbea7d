import type { Choice, Item } from './item'
import { colours } from './item'

const boxes = (twelve: number, tray: number): Choice[] => [{ value: 'box of 12', code: '12' }, { value: `tray of ${tray}`, code: String(tray), extra: twelve * (tray / 12) * 0.8 - twelve }]
const lids: Choice[] = colours('gold', 'white', 'black')

export const jars: Item[] = [
  {
    sku: 'JAR-125', name: ['Honey jar, 125 g', 'Honigglas, 125 g'], brand: 'oskerry', in: ['jars'], price: 6.6, drawing: 'jarSmall', tint: 'gold',
    text: 'The size for tasting and for wedding tables. Lids are separate.', tags: ['harvest', 'gift'], facts: { thread: '53 mm' }, options: { pack: boxes(6.6, 96) },
  },
  {
    sku: 'JAR-250', name: ['Honey jar, 250 g', 'Honigglas, 250 g'], brand: 'oskerry', in: ['jars'], price: 8.2, drawing: 'jar', tint: 'gold',
    text: 'Clear glass with room for a wide label. Lids are separate.', tags: ['harvest'], facts: { thread: '63 mm' }, options: { pack: boxes(8.2, 84) },
  },
  {
    sku: 'JAR-500', name: ['Honey jar, 500 g', 'Honigglas, 500 g'], brand: 'oskerry', in: ['jars'], price: 9.9, drawing: 'jarLarge', tint: 'gold',
    text: 'The jar that most honey is sold in. Lids are separate.', tags: ['harvest'], facts: { thread: '82 mm' }, options: { pack: boxes(9.9, 60) },
  },
  {
    sku: 'JAR-1000', name: ['Honey jar, 1 kg', 'Honigglas, 1 kg'], brand: 'oskerry', in: ['jars'], price: 13.5, drawing: 'jarLarge', tint: 'white',
    text: 'For the family that eats honey every morning.', tags: ['harvest', 'storage'], facts: { thread: '82 mm' }, options: { pack: boxes(13.5, 48) },
  },
  {
    sku: 'JAR-HEX', name: ['Hexagonal jar', 'Sechseckglas'], brand: 'oskerry', in: ['jars'], price: 9.4, drawing: 'jarHex', tint: 'gold',
    text: 'Six sides, like the comb. Lids are separate.', tags: ['harvest', 'gift'], facts: { thread: '63 mm' }, options: { content: [{ value: '180 g', code: '180' }, { value: '380 g', code: '380', extra: 2 }], pack: [{ value: 'box of 12', code: '12' }, { value: 'tray of 60', code: '60', extra: 30 }] },
  },
  {
    sku: 'LID-53', name: ['Twist lids, 53 mm', 'Schraubdeckel, 53 mm'], brand: 'oskerry', in: ['jars'], price: 3.2, drawing: 'lid', tint: 'gold',
    text: 'Pack of 12, for jars with a 53 mm thread.', tags: ['harvest', 'consumable'], facts: { fits: '53 mm' }, options: { colour: lids },
  },
  {
    sku: 'LID-63', name: ['Twist lids, 63 mm', 'Schraubdeckel, 63 mm'], brand: 'oskerry', in: ['jars'], price: 3.6, drawing: 'lid', tint: 'gold',
    text: 'Pack of 12, for jars with a 63 mm thread.', tags: ['harvest', 'consumable'], facts: { fits: '63 mm' }, options: { colour: lids },
  },
  {
    sku: 'LID-82', name: ['Twist lids, 82 mm', 'Schraubdeckel, 82 mm'], brand: 'oskerry', in: ['jars'], price: 4.2, drawing: 'lid', tint: 'gold',
    text: 'Pack of 12, for jars with an 82 mm thread.', tags: ['harvest', 'consumable'], facts: { fits: '82 mm' }, options: { colour: lids },
  },
  {
    sku: 'LID-82C', name: ['Twist lids, 82 mm, comb pattern', 'Schraubdeckel, 82 mm, Wabenmuster'], brand: 'oskerry', in: ['jars'], price: 5.4, drawing: 'lidComb', tint: 'gold',
    text: 'Printed with a comb, pack of 12.', tags: ['harvest', 'consumable', 'gift'], facts: { fits: '82 mm' }, released: '2026-08-03',
  },
  {
    sku: 'LAB-250', name: ['Label roll, 250', 'Etikettenrolle, 250'], brand: 'penny', in: ['labels'], price: 14, drawing: 'labels', tint: 'cream',
    text: 'Space for your name, the weight and the date. Peels off in warm water.', tags: ['harvest', 'consumable'], options: { design: [{ value: 'meadow', code: 'MEA', tint: 'sage' }, { value: 'comb', code: 'COM', tint: 'wax' }, { value: 'plain', code: 'PLA', tint: 'cream' }] },
  },
  {
    sku: 'SEAL', name: ['Tamper seals', 'Deckelsiegel'], brand: 'penny', in: ['labels'], price: 6.8, drawing: 'seals', tint: 'cream',
    text: 'Over the lid and down both sides, 200 on a roll.', tags: ['harvest', 'consumable'], options: { colour: colours('cream', 'green') },
  },
  {
    sku: 'GIFT', name: ['Gift box for jars', 'Geschenkkarton für Gläser'], brand: 'penny', in: ['labels'], price: 12, drawing: 'giftBox', tint: 'leather',
    text: 'Kraft board with a ribbon, pack of ten.', tags: ['gift'], options: { jars: [{ value: '2 jars', code: '2' }, { value: '3 jars', code: '3', extra: 2.5 }] },
  },
  {
    sku: 'CARTON', name: ['Shipping carton', 'Versandkarton'], brand: 'penny', in: ['labels'], price: 18, drawing: 'carton', tint: 'leather',
    text: 'With a grid that keeps twelve jars from each other, pack of five.', tags: ['transport', 'consumable'], options: { fits: [{ value: '250 g jars', code: '250' }, { value: '500 g jars', code: '500', extra: 3 }] },
  },
  {
    sku: 'COMB-BOX', name: ['Cut-comb boxes', 'Wabenhonigdosen'], brand: 'oskerry', in: ['jars'], price: 8.8, drawing: 'honeycomb', tint: 'honey',
    text: 'Clear boxes for a square of comb, pack of 20.', tags: ['harvest', 'gift'],
  },
  {
    sku: 'MEAD', name: ['Mead bottles', 'Metflaschen'], brand: 'oskerry', in: ['jars'], price: 15.5, drawing: 'bottle', tint: 'green',
    text: 'Half a litre, with corks, box of 12.', tags: ['gift'], options: { colour: colours('green', 'leather') },
  },
]

export const queens: Item[] = [
  {
    sku: 'GRAFT-1', name: ['Grafting tool', 'Umlarvlöffel'], brand: 'tarn', in: ['queens'], price: 8.9, drawing: 'graft', tint: 'violet',
    text: 'A springy tongue that lifts the larva with its food.', tags: ['queens'], options: { tip: [{ value: 'soft', code: 'S' }, { value: 'firm', code: 'F' }] },
  },
  {
    sku: 'CUPS', name: ['Cell cups, brown', 'Weiselnäpfchen, braun'], brand: 'tarn', in: ['queens'], price: 6.4, drawing: 'cups', tint: 'leather',
    text: 'Fit every holder of the Tarn & Thicket bar frame.', tags: ['queens', 'consumable'], options: { pack: [{ value: '50', code: '50' }, { value: '200', code: '200', extra: 11 }] },
  },
  {
    sku: 'BAR-1', name: ['Cell bar frame', 'Zuchtrahmen'], brand: 'tarn', in: ['queens'], price: 28, drawing: 'barFrame', tint: 'pine',
    text: 'Two bars that turn, for forty cells.', tags: ['queens', 'woodwork'], facts: { fits: ['National', 'Langstroth', 'Dadant'] }, options: { standard: [{ value: 'National', code: 'NA' }, { value: 'Langstroth', code: 'LA' }, { value: 'Dadant', code: 'DA' }] },
  },
  {
    sku: 'CAGE-I', name: ['Introduction cage', 'Zusetzkäfig'], brand: 'tarn', in: ['queens'], price: 3.4, drawing: 'cage', tint: 'pine',
    text: 'Three chambers in lime wood, with a plug of candy.', tags: ['queens'],
  },
  {
    sku: 'CAGE-R', name: ['Roller cages, ten', 'Lockenwicklerkäfige, zehn'], brand: 'tarn', in: ['queens'], price: 9.6, drawing: 'cageRoller', tint: 'yellow',
    text: 'Clip over the cells the day before they hatch.', tags: ['queens'],
  },
  {
    sku: 'PEN', name: ['Queen marking pen', 'Zeichenstift'], brand: 'tarn', in: ['queens'], price: 5.9, drawing: 'pen', tint: 'blue',
    text: 'Quick-drying and harmless, in the five colours of the years.', tags: ['queens', 'consumable'], options: { colour: colours('white', 'yellow', 'red', 'green', 'blue') },
  },
  {
    sku: 'TUBE-1', name: ['Marking tube', 'Zeichenrohr'], brand: 'tarn', in: ['queens'], price: 7.8, drawing: 'tube', tint: 'sky',
    text: 'A sponge plunger holds her still without a finger near her.', tags: ['queens'],
  },
  {
    sku: 'CLIP-1', name: ['Queen clip', 'Königinnenfänger'], brand: 'tarn', in: ['queens', 'hive-tools'], price: 4.2, drawing: 'clip', tint: 'steel',
    text: 'Opens like a peg and lets the workers out.', tags: ['queens', 'beginner'],
  },
  {
    sku: 'INC-1', name: ['Incubator', 'Brutschrank'], brand: 'tarn', in: ['queens'], price: 219, drawing: 'incubator', tint: 'foam',
    text: 'Keeps forty cells at 34.5 degrees, on mains or a car battery.', tags: ['queens', 'powered'], stock: 5,
  },
  {
    sku: 'MATE-1', name: ['Mating hive', 'Begattungskästchen'], brand: 'tarn', in: ['queens', 'hives'], price: 36, drawing: 'mating', tint: 'foam',
    text: 'A cup of bees and a cell is all it takes.', tags: ['queens', 'expansion'], options: { colour: [{ value: 'chalk', code: 'CH', tint: 'foam' }, { value: 'sky', code: 'SK', tint: 'sky' }, { value: 'yellow', code: 'YE', tint: 'yellow' }] },
  },
]
