import type { Choice, Item } from './item'
import { plain, wood } from './item'

/** The frame standards that the shop carries: hives, boxes and frames of one fit each other and no other. */
const standards = [
  { name: 'National', de: 'National', code: 'NA', extra: 0, frames: 11 },
  { name: 'Langstroth', de: 'Langstroth', code: 'LA', extra: 6, frames: 10 },
  { name: 'Dadant', de: 'Dadant', code: 'DA', extra: 18, frames: 10 },
]

const packs: Choice[] = [{ value: '10 flat', code: '10F' }, { value: '10 assembled', code: '10A', extra: 9 }, { value: '50 flat', code: '50F', extra: 58 }]
const sheets: Choice[] = [{ value: '10 sheets', code: '10' }, { value: '50 sheets', code: '50', extra: 52 }]

const partsOf = ({ name, de, code, extra, frames }: typeof standards[0]): Item[] => {
  const facts = { standard: name }
  return [
    {
      sku: `HV-${code}`, name: [`${name} hive, complete`, `${de}-Beute, komplett`], brand: 'hollin', in: ['hives'], price: 189 + extra, drawing: 'hiveHigh', tint: 'pine',
      text: `Floor, brood box, two supers, crown board and roof, cut to slot together without glue. Takes ${frames} ${name} frames a box.`,
      tags: ['beginner', 'woodwork'], facts: { ...facts, frames: String(frames) }, options: { wood },
    },
    {
      sku: `BB-${code}`, name: [`${name} brood box`, `${de}-Brutzarge`], brand: 'hollin', in: ['hive-parts'], price: 39 + extra / 2, drawing: 'broodBox', tint: 'pine',
      text: `A deep box for ${frames} brood frames, with metal runners and a hand hold on each side.`, tags: ['woodwork', 'expansion'], facts: { ...facts, depth: 'brood' }, options: { wood },
    },
    {
      sku: `SU-${code}`, name: [`${name} super`, `${de}-Honigzarge`], brand: 'hollin', in: ['hive-parts'], price: 29 + extra / 2, drawing: 'super', tint: 'pine',
      text: `A shallow box for the honey, light enough to lift when it is full.`, tags: ['woodwork', 'expansion', 'harvest'], facts: { ...facts, depth: 'super' }, options: { wood },
    },
    {
      sku: `FL-${code}`, name: [`${name} mesh floor`, `${de}-Gitterboden`], brand: 'hollin', in: ['hive-parts'], price: 34 + extra / 2, drawing: 'floor', tint: 'pine',
      text: 'Open mesh with a tray that slides in from behind, for counting mites without opening the hive.', tags: ['woodwork', 'hive health'], facts, options: { wood },
    },
    {
      sku: `RF-${code}`, name: [`${name} flat roof`, `${de}-Flachdach`], brand: 'hollin', in: ['hive-parts'], price: 36 + extra / 2, drawing: 'roof', tint: 'pine',
      text: 'Galvanised cover over an insulated frame, deep enough to stay put in a gale.', tags: ['woodwork', 'winter'], facts,
    },
    {
      sku: `CB-${code}`, name: [`${name} crown board`, `${de}-Innendeckel`], brand: 'hollin', in: ['hive-parts'], price: 16 + extra / 4, drawing: 'crownBoard', tint: 'pine',
      text: 'Two slots for feeding or for a clearer, and an even bee space below.', tags: ['woodwork', 'feeding'], facts,
    },
    {
      sku: `QX-${code}`, name: [`${name} queen excluder`, `${de}-Absperrgitter`], brand: 'marrowby', in: ['hive-parts'], price: 14.5 + extra / 4, drawing: 'excluder', tint: 'steel',
      text: 'Framed wire that keeps the queen below and lets the workers through.', tags: ['metal', 'harvest'], facts,
    },
    {
      sku: `NU-${code}`, name: [`${name} nucleus box, 5 frames`, `${de}-Ablegerkasten, 5 Waben`], brand: 'hollin', in: ['hive-parts', 'queens'], price: 52 + extra / 2, drawing: 'nucleus', tint: 'pine',
      text: 'A small hive for a new colony, a swarm or a spare queen.', tags: ['woodwork', 'swarming', 'expansion'], facts: { ...facts, frames: '5' },
    },
    {
      sku: `FR-${code}-B`, name: [`${name} brood frames`, `${de}-Brutrahmen`], brand: 'hollin', in: ['frames'], price: 19 + extra / 3, drawing: 'frames', tint: 'pine',
      text: 'Self-spacing frames with a wedge for the foundation. The flat packs take about two minutes a frame.', tags: ['woodwork', 'consumable'],
      facts: { fits: name, depth: 'brood' }, options: { pack: packs },
    },
    {
      sku: `FR-${code}-S`, name: [`${name} super frames`, `${de}-Honigrahmen`], brand: 'hollin', in: ['frames'], price: 16 + extra / 3, drawing: 'framesShallow', tint: 'pine',
      text: 'Shallow frames for the honey boxes, self-spacing, with a wedge for the foundation.', tags: ['woodwork', 'consumable', 'harvest'],
      facts: { fits: name, depth: 'super' }, options: { pack: packs },
    },
    {
      sku: `WF-${code}-B`, name: [`${name} brood foundation, wired`, `${de}-Mittelwände Brut, gedrahtet`], brand: 'tarn', in: ['frames'], price: 17.5 + extra / 3, drawing: 'foundation', tint: 'wax',
      text: 'Pure beeswax with crimped wire that will not sag on a warm day.', tags: ['wax', 'consumable'], facts: { fits: name, depth: 'brood' }, options: { pack: sheets },
    },
    {
      sku: `WF-${code}-S`, name: [`${name} super foundation, thin`, `${de}-Mittelwände Honig, dünn`], brand: 'tarn', in: ['frames'], price: 15.5 + extra / 3, drawing: 'foundation', tint: 'wax',
      text: 'Thin and unwired, so that you can cut the comb and eat it.', tags: ['wax', 'consumable', 'harvest'], facts: { fits: name, depth: 'super' }, options: { pack: sheets },
    },
  ]
}

export const hives: Item[] = [
  ...standards.flatMap(partsOf),
  {
    sku: 'HV-FOAM', name: ['Insulated hive, National', 'Isolierte Beute, National'], brand: 'larkmoor', in: ['hives'], price: 159, was: 175, drawing: 'foamHive', tint: 'foam',
    text: 'Dense insulated boxes that keep a colony warm on little food. Takes eleven National frames.', tags: ['beginner', 'winter'], facts: { standard: 'National', frames: '11' },
    options: { colour: [{ value: 'chalk', code: 'CH', tint: 'foam' }, { value: 'sage', code: 'SA', tint: 'sage' }] },
  },
  {
    sku: 'ST-HIVE', name: ['Hive stand', 'Beutenbock'], brand: 'hollin', in: ['hive-parts'], price: 27, drawing: 'stand', tint: 'pine',
    text: 'Lifts the hive off wet ground and spares your back. Fits every standard.', tags: ['woodwork'], facts: { standard: ['National', 'Langstroth', 'Dadant'] }, options: { wood },
  },
  {
    sku: 'EB-1', name: ['Entrance block, sliding', 'Fluglochkeil, verschiebbar'], brand: 'hollin', in: ['hive-parts'], price: 6.9, drawing: 'entrance', tint: 'pine',
    text: 'Three widths in one block, against wasps in August and mice in winter.', tags: ['woodwork', 'winter', 'hive health'],
  },
  {
    sku: 'STRAP-1', name: ['Hive strap with buckle', 'Spanngurt für Beuten'], brand: 'marrowby', in: ['hive-parts'], price: 8.9, drawing: 'straps', tint: 'navy',
    text: 'Five metres of webbing that hold a hive together on the road and in a storm.', tags: ['winter', 'transport'], options: { colour: [{ value: 'navy', code: 'NV', tint: 'navy' }, { value: 'olive', code: 'OL', tint: 'olive' }] },
  },
  {
    sku: 'SCALE-1', name: ['Hive scale, 150 kg', 'Beutenwaage, 150 kg'], brand: 'marrowby', in: ['hive-parts'], price: 128, drawing: 'scale', tint: 'steel',
    text: 'Shows at a glance when the flow begins and when the stores run low.', tags: ['metal', 'winter'], released: '2026-04-20',
  },
  {
    sku: 'JIG-1', name: ['Frame jig, ten frames', 'Rahmenlehre, zehn Rahmen'], brand: 'hollin', in: ['frames'], price: 38, drawing: 'jig', tint: 'pine',
    text: 'Holds ten frames square while you nail them.', tags: ['woodwork'],
  },
  {
    sku: 'WIRE-1', name: ['Frame wire', 'Wabendraht'], brand: 'marrowby', in: ['frames'], price: 7.5, drawing: 'wire', tint: 'steel',
    text: 'Stainless wire on a wooden reel, enough for about a hundred frames at 250 g.', tags: ['metal', 'consumable'], options: { weight: [{ value: '250 g', code: '250' }, { value: '500 g', code: '500', extra: 5 }] },
  },
  {
    sku: 'NAIL-1', name: ['Frame nails', 'Rahmennägel'], brand: 'marrowby', in: ['frames'], price: 5.2, drawing: 'nails', tint: 'steel',
    text: 'Fine gimp pins that do not split the wood.', tags: ['metal', 'consumable'], options: { weight: [{ value: '100 g', code: '100' }, { value: '500 g', code: '500', extra: 9 }] },
  },
  {
    sku: 'EMB-1', name: ['Spur embedder', 'Einlöträdchen'], brand: 'marrowby', in: ['frames'], price: 11.9, drawing: 'embedder', tint: 'steel',
    text: 'Warm it, roll it along the wire, and the foundation holds.', tags: ['metal'],
  },
  {
    sku: 'KIT-NA', name: ['Starter kit, National', 'Einsteigerpaket, National'], brand: 'larkmoor', in: ['kits', 'hives'], price: 349, was: 382, drawing: 'kit', tint: 'white',
    text: 'Hive, frames, foundation, jacket, smoker and hive tool: everything but the bees.', tags: ['beginner'], facts: { standard: 'National' }, options: { size: plain('S', 'M', 'L', 'XL') },
  },
  {
    sku: 'KIT-LA', name: ['Starter kit, Langstroth', 'Einsteigerpaket, Langstroth'], brand: 'larkmoor', in: ['kits', 'hives'], price: 359, drawing: 'kit', tint: 'white',
    text: 'Hive, frames, foundation, jacket, smoker and hive tool: everything but the bees.', tags: ['beginner'], facts: { standard: 'Langstroth' }, options: { size: plain('S', 'M', 'L', 'XL') },
  },
]

export const feeding: Item[] = [
  {
    sku: 'FD-RAPID', name: ['Rapid feeder, round', 'Futterzarge, rund'], brand: 'larkmoor', in: ['feeding'], price: 12.5, drawing: 'feeder', tint: 'white',
    text: 'Sits over the crown board slot and empties overnight.', tags: ['feeding', 'beginner'], options: { capacity: [{ value: '1 litre', code: '1' }, { value: '2 litres', code: '2', extra: 4 }] },
  },
  {
    sku: 'FD-FRAME', name: ['Frame feeder', 'Futtertasche'], brand: 'larkmoor', in: ['feeding'], price: 11.9, drawing: 'frameFeeder', tint: 'olive',
    text: 'Hangs where a brood frame would, with a ladder so that no bee drowns.', tags: ['feeding'], options: { standard: [{ value: 'National', code: 'NA' }, { value: 'Langstroth', code: 'LA' }, { value: 'Dadant', code: 'DA', extra: 1.5 }] }, facts: { fits: ['National', 'Langstroth', 'Dadant'] },
  },
  {
    sku: 'FD-ENTR', name: ['Entrance feeder', 'Fluglochfütterer'], brand: 'larkmoor', in: ['feeding'], price: 7.9, drawing: 'entranceFeeder', tint: 'white',
    text: 'Shows how much is left without lifting the roof. For small colonies in warm weather.', tags: ['feeding', 'beginner'],
  },
  {
    sku: 'FD-CONT', name: ['Contact feeder', 'Kontaktfütterer'], brand: 'larkmoor', in: ['feeding'], price: 6.5, drawing: 'contactFeeder', tint: 'white',
    text: 'A tub with a gauze lid, turned over above the brood.', tags: ['feeding'], options: { capacity: [{ value: '1 litre', code: '1' }, { value: '2.5 litres', code: '25', extra: 2.5 }, { value: '5 litres', code: '5', extra: 5 }] },
  },
  {
    sku: 'FOND', name: ['Fondant', 'Futterteig'], brand: 'larkmoor', in: ['feeding'], price: 4.9, drawing: 'fondant', tint: 'honey',
    text: 'Winter food that does not set hard. Cut a window in the bag and lay it over the cluster.', tags: ['feeding', 'winter', 'consumable'], options: { weight: [{ value: '1 kg', code: '1' }, { value: '2.5 kg', code: '25', extra: 6 }, { value: '12.5 kg', code: '125', extra: 32 }] },
  },
  {
    sku: 'SYR', name: ['Bee syrup', 'Futtersirup'], brand: 'larkmoor', in: ['feeding'], price: 14, drawing: 'canisterLiquid', tint: 'yellow',
    text: 'Ready to pour, keeps for a year, no stirring on the stove.', tags: ['feeding', 'consumable'], options: { weight: [{ value: '7 kg', code: '7' }, { value: '14 kg', code: '14', extra: 12 }] },
  },
  {
    sku: 'PATTY', name: ['Pollen patty', 'Pollenteig'], brand: 'tarn', in: ['feeding'], price: 5.4, drawing: 'patty', tint: 'wax',
    text: 'For the weeks in early spring when nothing is in flower yet.', tags: ['feeding', 'consumable', 'hive health'], options: { weight: [{ value: '450 g', code: '450' }, { value: '1 kg', code: '1', extra: 5 }] },
  },
  {
    sku: 'STRIP', name: ['Mite check strips', 'Prüfstreifen für Milben'], brand: 'tarn', in: ['feeding'], price: 9.8, drawing: 'strip', tint: 'green',
    text: 'Sticky strips for the mesh floor’s tray, ruled for counting.', tags: ['hive health', 'consumable'], options: { pack: [{ value: '10 strips', code: '10' }, { value: '30 strips', code: '30', extra: 13 }] },
  },
  {
    sku: 'TRAP-W', name: ['Wasp trap', 'Wespenfalle'], brand: 'larkmoor', in: ['feeding'], price: 6.2, drawing: 'trap', tint: 'green',
    text: 'Hang it ten metres from the hives in late summer. Bees find their way out; wasps do not.', tags: ['hive health'],
  },
]
