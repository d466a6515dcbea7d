import type { Item } from './item'

export const extraction: Item[] = [
  {
    sku: 'EX-210', name: ['Two-frame extractor', 'Zwei-Waben-Schleuder'], brand: 'corrie', in: ['extractors'], price: 189, was: 210, stock: 14, drawing: 'extractorSmall', tint: 'steel',
    text: 'A hand-turned drum for the first harvests. Takes two frames of any standard and packs away on a shelf.', tags: ['harvest', 'hand-driven'], facts: { drum: '240 mm', frames: '2', fits: ['National', 'Langstroth'] },
  },
  {
    sku: 'EX-310', name: ['Three-frame extractor', 'Drei-Waben-Schleuder'], brand: 'corrie', in: ['extractors'], price: 249, drawing: 'extractorSmall', tint: 'steel',
    text: 'One frame more at a time and a wider base, still light enough to carry alone.', tags: ['harvest', 'hand-driven'], facts: { drum: '280 mm', frames: '3', fits: ['National', 'Langstroth'] },
  },
  {
    sku: 'EX-410', name: ['Four-frame extractor', 'Vier-Waben-Schleuder'], brand: 'corrie', in: ['extractors'], price: 329, drawing: 'extractor', tint: 'steel',
    text: 'Twice the frames of its little sister in the same time, with a geared crank that runs without a jolt.', tags: ['harvest', 'hand-driven'], facts: { drum: '280 mm', frames: '4', fits: ['National', 'Langstroth', 'Dadant'] },
  },
  {
    sku: 'EX-410M', name: ['Four-frame extractor, motor drive', 'Vier-Waben-Schleuder mit Motor'], brand: 'corrie', in: ['extractors'], price: 515, drawing: 'extractorMotor', tint: 'steel',
    text: 'The four-frame drum with a quiet motor and a speed dial. Your hands are free for uncapping.', tags: ['harvest', 'motor-driven'], facts: { drum: '280 mm', frames: '4', fits: ['National', 'Langstroth', 'Dadant'] },
  },
  {
    sku: 'EX-900', name: ['Nine-frame radial extractor', 'Neun-Waben-Radialschleuder'], brand: 'corrie', in: ['extractors'], price: 640, drawing: 'extractorWide', tint: 'steel',
    text: 'Empties both sides at once, so nothing is turned. For ten hives and more.', tags: ['harvest', 'hand-driven'], facts: { drum: '370 mm', frames: '9', fits: ['National', 'Langstroth', 'Dadant'] },
  },
  {
    sku: 'EX-900M', name: ['Nine-frame radial extractor, motor drive', 'Neun-Waben-Radialschleuder mit Motor'], brand: 'corrie', in: ['extractors'], price: 940, was: 990, drawing: 'extractorMotor', tint: 'steel',
    text: 'Radial, with a programme that speeds up slowly and spares the comb.', tags: ['harvest', 'motor-driven'], facts: { drum: '370 mm', frames: '9', fits: ['National', 'Langstroth', 'Dadant'] },
  },
  {
    sku: 'EX-MOT', name: ['Motor drive kit', 'Motorantrieb zum Nachrüsten'], brand: 'corrie', in: ['extractors'], price: 179, drawing: 'motor', tint: 'clay',
    text: 'Replaces the crank of the two-, three- and four-frame extractors.', tags: ['harvest', 'motor-driven'], facts: { fits: ['240 mm', '280 mm'] },
  },
  {
    sku: 'EX-LEG', name: ['Leg set for extractors', 'Beine für Schleudern'], brand: 'corrie', in: ['extractors'], price: 39, stock: 0, drawing: 'legs', tint: 'steel',
    text: 'Raises the gate above a settling tank and bolts to the floor.', tags: ['harvest', 'metal'], facts: { fits: ['240 mm', '280 mm', '370 mm'] },
  },
  {
    sku: 'EX-BSK', name: ['Comb basket', 'Wabenkorb'], brand: 'corrie', in: ['extractors'], price: 24, drawing: 'basket', tint: 'steel',
    text: 'Holds broken comb and short frames in the extractor’s cage.', tags: ['harvest', 'metal'], facts: { fits: ['280 mm', '370 mm'] }, options: { size: [{ value: 'shallow', code: 'S' }, { value: 'deep', code: 'D', extra: 4 }] },
  },
  {
    sku: 'STR-240', name: ['Double strainer, 240 mm', 'Doppelsieb, 240 mm'], brand: 'marrowby', in: ['straining'], price: 24.5, drawing: 'strainer', tint: 'steel',
    text: 'Coarse above, fine below, with arms that rest on tank or bucket.', tags: ['harvest', 'metal'], facts: { fits: '240 mm' },
  },
  {
    sku: 'STR-280', name: ['Double strainer, 280 mm', 'Doppelsieb, 280 mm'], brand: 'marrowby', in: ['straining'], price: 31, drawing: 'strainer', tint: 'steel',
    text: 'The wider strainer for three- and four-frame extractors.', tags: ['harvest', 'metal'], facts: { fits: '280 mm' },
  },
  {
    sku: 'STR-370', name: ['Double strainer, 370 mm', 'Doppelsieb, 370 mm'], brand: 'marrowby', in: ['straining'], price: 46, drawing: 'strainer', tint: 'steel',
    text: 'Keeps pace with a radial extractor.', tags: ['harvest', 'metal'], facts: { fits: '370 mm' },
  },
  {
    sku: 'CLOTH-1', name: ['Straining cloth', 'Seihtuch'], brand: 'larkmoor', in: ['straining'], price: 5.8, drawing: 'cloth', tint: 'cream',
    text: 'Nylon that rinses clean in cold water.', tags: ['harvest', 'consumable'], options: { mesh: [{ value: '200 µm', code: '200' }, { value: '400 µm', code: '400' }] },
  },
  {
    sku: 'TANK', name: ['Settling tank', 'Abfüllbehälter'], brand: 'corrie', in: ['straining'], price: 96, drawing: 'tank', tint: 'steel',
    text: 'Stainless, with a lid that seals. Let the honey stand for two days and the froth comes off the top.', tags: ['harvest', 'metal'], options: { capacity: [{ value: '25 kg', code: '25' }, { value: '50 kg', code: '50', extra: 38 }, { value: '100 kg', code: '100', extra: 110 }] },
  },
  {
    sku: 'GATE-40', name: ['Honey gate, 40 mm', 'Quetschhahn, 40 mm'], brand: 'corrie', in: ['straining'], price: 12.9, drawing: 'gate', tint: 'honey',
    text: 'Cuts off without a drip. Screws onto tanks, buckets and every extractor up to 280 mm.', tags: ['harvest'], facts: { thread: '40 mm', fits: ['240 mm', '280 mm'] },
  },
  {
    sku: 'GATE-50', name: ['Honey gate, 50 mm, steel', 'Quetschhahn, 50 mm, Stahl'], brand: 'corrie', in: ['straining'], price: 34, drawing: 'gate', tint: 'steel',
    text: 'For radial extractors and large tanks.', tags: ['harvest', 'metal'], facts: { thread: '50 mm', fits: '370 mm' },
  },
  {
    sku: 'BKT', name: ['Honey bucket', 'Honigeimer'], brand: 'larkmoor', in: ['straining'], price: 8.9, drawing: 'bucket', tint: 'white',
    text: 'Food-safe, stackable, airtight.', tags: ['harvest', 'storage'], options: { capacity: [{ value: '12.5 kg', code: '12' }, { value: '25 kg', code: '25', extra: 4 }, { value: '40 kg', code: '40', extra: 9 }] },
  },
  {
    sku: 'BKT-G', name: ['Bucket with gate, 20 kg', 'Eimer mit Hahn, 20 kg'], brand: 'larkmoor', in: ['straining'], price: 17.2, drawing: 'bucketGate', tint: 'white',
    text: 'The smallest way to fill jars at the kitchen table.', tags: ['harvest', 'beginner'],
  },
  {
    sku: 'OPEN-1', name: ['Bucket lid opener', 'Eimeröffner'], brand: 'larkmoor', in: ['straining'], price: 4.4, drawing: 'opener', tint: 'red',
    text: 'Your fingernails will thank you.', tags: ['harvest'],
  },
  {
    sku: 'UF-21', name: ['Uncapping fork', 'Entdeckelungsgabel'], brand: 'marrowby', in: ['uncapping'], price: 9.8, drawing: 'fork', tint: 'clay',
    text: 'Twenty-one fine needles that lift the caps and leave the comb.', tags: ['harvest', 'metal', 'beginner'],
  },
  {
    sku: 'UK-1', name: ['Uncapping knife', 'Entdeckelungsmesser'], brand: 'marrowby', in: ['uncapping'], price: 22, drawing: 'knife', tint: 'leather',
    text: 'Long, thin and serrated on one side.', tags: ['harvest', 'metal'],
  },
  {
    sku: 'UK-H', name: ['Uncapping knife, heated', 'Entdeckelungsmesser, beheizt'], brand: 'marrowby', in: ['uncapping'], price: 64, drawing: 'knifeHeated', tint: 'black',
    text: 'Slides through the caps at a steady 75 degrees.', tags: ['harvest', 'metal', 'powered'],
  },
  {
    sku: 'UR-1', name: ['Uncapping roller', 'Entdeckelungsroller'], brand: 'larkmoor', in: ['uncapping'], price: 14.9, drawing: 'roller', tint: 'honey',
    text: 'Pricks every cell in one pass, for frames that are not quite even.', tags: ['harvest'],
  },
  {
    sku: 'UT-1', name: ['Uncapping tray', 'Entdeckelungswanne'], brand: 'corrie', in: ['uncapping'], price: 72, drawing: 'tray', tint: 'steel',
    text: 'Two-part tray with a sieve: cappings above, honey below.', tags: ['harvest', 'metal'],
  },
  {
    sku: 'MELT-1', name: ['Cappings melter', 'Deckelwachsschmelzer'], brand: 'corrie', in: ['uncapping'], price: 149, was: 165, drawing: 'melter', tint: 'steel',
    text: 'Parts wax from honey at a gentle heat.', tags: ['harvest', 'wax', 'powered'],
  },
  {
    sku: 'PUMP-12', name: ['Honey pump, 12 V', 'Honigpumpe, 12 V'], brand: 'corrie', in: ['straining'], price: 179, drawing: 'pump', tint: 'clay',
    text: 'From the extractor to the tank without lifting a bucket.', tags: ['harvest', 'powered'],
  },
  {
    sku: 'REF-1', name: ['Refractometer', 'Refraktometer'], brand: 'marrowby', in: ['straining'], price: 48, drawing: 'refractometer', tint: 'black',
    text: 'One drop tells you whether the honey is dry enough to keep.', tags: ['harvest', 'quality'],
  },
  {
    sku: 'CREAM-1', name: ['Honey creamer', 'Rührspirale'], brand: 'marrowby', in: ['straining'], price: 26, drawing: 'creamer', tint: 'steel',
    text: 'Fits any drill and makes set honey smooth.', tags: ['harvest', 'metal', 'quality'],
  },
  {
    sku: 'WARM-1', name: ['Warming cabinet', 'Wärmeschrank'], brand: 'corrie', in: ['straining'], price: 289, drawing: 'cabinet', tint: 'foam',
    text: 'Holds two buckets at 40 degrees overnight, and the jar is clear again.', tags: ['harvest', 'powered', 'quality'], stock: 3,
  },
  {
    sku: 'EX-200', name: ['Two-frame extractor, old model', 'Zwei-Waben-Schleuder, Vorgänger'], brand: 'corrie', in: ['extractors'], price: 169, drawing: 'extractorSmall', tint: 'iron', status: 'retired', stock: 0,
    text: 'Replaced by the two-frame extractor EX-210.', tags: ['harvest', 'hand-driven'], facts: { drum: '240 mm', frames: '2' },
  },
]
