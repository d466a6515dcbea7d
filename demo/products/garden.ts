import type { DrawingName } from '../pictures/picture'
import type { TintName } from '../pictures/colours'
import type { Choice, Item } from './item'

const weights: Choice[] = [{ value: '10 g', code: '10' }, { value: '100 g', code: '100', extra: 7 }, { value: '1 kg', code: '1K', extra: 38 }]

const seed = (sku: string, name: [string, string], price: number, drawing: DrawingName, tint: TintName, flowers: string, text: string): Item => ({
  sku, name, brand: 'penny', in: ['seed'], price, drawing, tint, text, tags: ['bee-friendly', flowers.startsWith('March') || flowers.startsWith('May') ? 'early flower' : 'late flower'],
  facts: { flowers }, options: { weight: weights },
})

const book = (sku: string, name: [string, string], price: number, drawing: DrawingName, tint: TintName, text: string, tags: string[]): Item => ({
  sku, name, brand: 'penny', in: ['books'], price, drawing, tint, text, tags: ['reading', ...tags],
})

export const garden: Item[] = [
  seed('SEED-MEA', ['Meadow mix', 'Wiesenmischung'], 3.9, 'packetMeadow', 'rose', 'May to September', 'Thirty kinds of wild flower, something open in every week.'),
  seed('SEED-BOR', ['Borage', 'Borretsch'], 2.9, 'packetBloom', 'blue', 'June to September', 'Refills its nectar within minutes.'),
  seed('SEED-PHA', ['Phacelia', 'Phacelia'], 2.6, 'packetSpike', 'violet', 'June to October', 'Sown in April, in flower in June, and the field is blue.'),
  seed('SEED-CLO', ['Red clover', 'Rotklee'], 2.8, 'packetClover', 'rose', 'May to September', 'For long tongues, and good for the soil.'),
  seed('SEED-LAV', ['Lavender', 'Lavendel'], 3.4, 'packetSpike', 'plum', 'July to August', 'Slow to come, then there for twenty years.'),
  seed('SEED-THY', ['Creeping thyme', 'Sand-Thymian'], 3.6, 'packetClover', 'violet', 'June to August', 'Between the stones where nothing else will grow.'),
  seed('SEED-SUN', ['Sunflower, branching', 'Sonnenblume, verzweigt'], 3.1, 'packetBloom', 'yellow', 'July to October', 'Many heads on one stem, and pollen in each.'),
  seed('SEED-CRO', ['Crocus bulbs', 'Krokusknollen'], 4.5, 'packetBloom', 'plum', 'March to April', 'The first pollen of the year. Plant in October.'),
  {
    sku: 'TREE-1', name: ['Honey tree, potted', 'Bienenbaum im Topf'], brand: 'penny', in: ['seed'], price: 29, drawing: 'tree', tint: 'rose', stock: 22,
    text: 'Flowers in August when little else does.', tags: ['bee-friendly', 'late flower'], facts: { flowers: 'July to September' }, options: { height: [{ value: '60 cm', code: '60' }, { value: '120 cm', code: '120', extra: 21 }] },
  },
  {
    sku: 'POUCH-1', name: ['Seed balls', 'Saatkugeln'], brand: 'penny', in: ['seed'], price: 6.9, drawing: 'pouch', tint: 'sage',
    text: 'Clay, soil and seed. Throw and wait for rain.', tags: ['bee-friendly', 'gift', 'children'], facts: { flowers: 'May to August' },
  },
]

export const books: Item[] = [
  book('BK-FIRST', ['The first year with bees', 'Das erste Jahr mit Bienen'], 24, 'bookHive', 'teal', 'Month by month from the empty hive to the first jar.', ['beginner']),
  book('BK-SWARM', ['Reading a swarm', 'Den Schwarm lesen'], 19.5, 'bookBee', 'clay', 'What the colony tells you three weeks before it leaves.', ['swarming']),
  book('BK-QUEEN', ['Queens for everyone', 'Königinnen für alle'], 28, 'bookBee', 'violet', 'Raising queens with ten hives and no laboratory.', ['queens']),
  book('BK-HONEY', ['From comb to jar', 'Von der Wabe ins Glas'], 22, 'bookJar', 'olive', 'Harvest, strain, settle, set and label.', ['harvest']),
  book('BK-PLANT', ['A garden in flower', 'Ein Garten in Blüte'], 21, 'bookFlower', 'green', 'What to plant so that bees find something from March to October.', ['bee-friendly']),
  book('BK-HEALTH', ['The quiet hive', 'Das ruhige Volk'], 26, 'bookHive', 'navy', 'Mites, moulds and weak colonies: what to look for and what to do.', ['hive health']),
  book('BK-WAX', ['Candles and polish', 'Kerzen und Politur'], 18, 'bookJar', 'plum', 'What to do with a bucket of cappings.', ['wax', 'gift']),
  book('LOG-1', ['Hive log', 'Stockkarte als Heft'], 9.5, 'log', 'leather', 'A page for each visit, ruled for what matters.', ['beginner', 'hive health']),
]
