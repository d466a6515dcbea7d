/** The links that the demo's merchandiser has made: kind → targets in their order. */
type Lanes = Partial<Record<'related' | 'upsell' | 'cross-sell' | 'accessory', string[]>>

const hiveFamily = (code: string, others: string[]): Record<string, Lanes> => ({
  [`HV-${code}`]: {
    'related': others.map(each => `HV-${each}`),
    'upsell': code === 'DA' ? [] : [`KIT-${code}`],
    'cross-sell': ['SMO-M', 'JKT', 'BK-FIRST'],
    'accessory': [`FR-${code}-B-10A`, `FR-${code}-S`, `WF-${code}-B`, `QX-${code}`, 'STRAP-1', 'ST-HIVE'],
  },
  [`BB-${code}`]: { related: [`SU-${code}`, `NU-${code}`], accessory: [`FR-${code}-B`, `WF-${code}-B`, `QX-${code}`] },
  [`SU-${code}`]: { 'related': [`BB-${code}`], 'cross-sell': [`QX-${code}`], 'accessory': [`FR-${code}-S`, `WF-${code}-S`] },
  [`FR-${code}-B`]: {
    'related': [`FR-${code}-S`],
    'upsell': code === 'DA' ? [] : [`BB-${code}`],
    'cross-sell': ['JIG-1'],
    'accessory': [`WF-${code}-B`, 'NAIL-1', 'WIRE-1'],
  },
  [`FR-${code}-S`]: { related: [`FR-${code}-B`], accessory: [`WF-${code}-S`, 'NAIL-1'] },
  [`WF-${code}-B`]: { 'related': [`WF-${code}-S`], 'cross-sell': [`FR-${code}-B`], 'accessory': ['EMB-1', 'WIRE-1'] },
  [`WF-${code}-S`]: { 'related': [`WF-${code}-B`], 'cross-sell': [`FR-${code}-S`] },
  [`NU-${code}`]: { 'related': [`BB-${code}`, 'MATE-1'], 'cross-sell': ['CAGE-I'], 'accessory': [`FR-${code}-B`, 'FD-ENTR'] },
  [`FL-${code}`]: { related: [`CB-${code}`, `RF-${code}`], accessory: ['STRIP', 'EB-1', 'TRAP-W'] },
  [`RF-${code}`]: { related: [`CB-${code}`], accessory: ['STRAP-1'] },
})

const extractor = (accessories: string[], upsell: string[], related: string[]): Lanes => ({
  related,
  upsell,
  'accessory': accessories,
  'cross-sell': ['JAR-500', 'LAB-250', 'BK-HONEY'],
})

const picked: Record<string, Lanes> = {
  ...hiveFamily('NA', ['FOAM', 'LA', 'DA']),
  ...hiveFamily('LA', ['NA', 'DA']),
  ...hiveFamily('DA', ['NA', 'LA']),
  'HV-FOAM': {
    'related': ['HV-NA'],
    'upsell': ['KIT-NA'],
    'cross-sell': ['FOND', 'BK-FIRST'],
    'accessory': ['FR-NA-B', 'WF-NA-B', 'STRAP-1'],
  },
  'KIT-NA': { 'related': ['KIT-LA'], 'cross-sell': ['GLO-L', 'BK-FIRST', 'FD-RAPID'], 'accessory': ['FUEL', 'LOG-1', 'BRU-1'] },
  'KIT-LA': { accessory: ['FUEL', 'LOG-1'] },

  'EX-210': extractor(['STR-240', 'GATE-40', 'EX-LEG', 'UF-21'], ['EX-410', 'EX-410M'], ['EX-310', 'MELT-1', 'UT-1', 'REF-1', 'TANK']),
  'EX-310': extractor(['STR-280', 'GATE-40', 'EX-BSK'], ['EX-410'], ['EX-210', 'UT-1', 'TANK']),
  'EX-410': extractor(['STR-280', 'GATE-40', 'EX-MOT', 'EX-BSK'], ['EX-410M', 'EX-900'], ['MELT-1', 'TANK']),
  'EX-410M': extractor(['STR-280', 'GATE-40', 'UK-H'], ['EX-900M'], ['EX-900', 'PUMP-12']),
  'EX-900': extractor(['STR-370', 'GATE-50'], ['EX-900M'], ['PUMP-12', 'MELT-1', 'TANK']),
  'EX-900M': { 'accessory': ['STR-370', 'GATE-50', 'PUMP-12'], 'cross-sell': ['WARM-1'] },
  'EX-MOT': { related: ['EX-410M'] },
  'STR-240': { 'related': ['CLOTH-1'], 'upsell': ['STR-280'], 'cross-sell': ['BKT-G', 'TANK'] },
  'STR-280': { 'related': ['STR-370'], 'cross-sell': ['TANK'] },
  'TANK': { 'accessory': ['GATE-40', 'STR-240', 'CLOTH-1'], 'cross-sell': ['JAR-500', 'REF-1', 'CREAM-1'] },
  'BKT': { upsell: ['BKT-G'], accessory: ['OPEN-1', 'CLOTH-1'] },
  'BKT-G': { 'upsell': ['TANK'], 'cross-sell': ['STR-240'], 'accessory': ['CLOTH-1'] },
  'UF-21': { 'related': ['UR-1'], 'upsell': ['UK-1', 'UK-H'], 'cross-sell': ['STR-240'] },
  'UK-1': { related: ['UR-1'], upsell: ['UK-H'], accessory: ['UF-21'] },
  'UT-1': { 'upsell': ['MELT-1'], 'cross-sell': ['SET-02'], 'accessory': ['UF-21', 'UR-1'] },
  'MELT-1': { 'cross-sell': ['BK-WAX'] },
  'CREAM-1': { 'cross-sell': ['JAR-500', 'LID-82'] },

  'SMO-S': { 'upsell': ['SMO-M', 'SMO-L'], 'cross-sell': ['HT-S', 'GLO-L'], 'accessory': ['FUEL', 'SMO-BOX'] },
  'SMO-M': {
    'related': ['SMO-S', 'TBOX-1'],
    'upsell': ['SMO-L'],
    'cross-sell': ['HT-J-RED', 'BRU-1', 'JKT'],
    'accessory': ['FUEL-PEL', 'BEL-100', 'SMO-BOX'],
  },
  'SMO-L': { 'cross-sell': ['HT-J'], 'accessory': ['FUEL-PEL', 'BEL-100', 'SMO-BOX'] },
  'FUEL': { 'cross-sell': ['SMO-M'] },
  'HT-S': { 'related': ['HT-P', 'GRIP-1'], 'upsell': ['HT-J'], 'cross-sell': ['SMO-M', 'BRU-1'] },
  'HT-J': { 'related': ['REST-1'], 'cross-sell': ['TBOX-1'] },
  'GRIP-1': { related: ['REST-1', 'HT-J'] },
  'TBOX-1': { accessory: ['HT-S', 'HT-P', 'BRU-1'] },

  'SUIT': {
    'related': ['JKT', 'TRS', 'SUIT-K'],
    'upsell': ['SUIT-V'],
    'cross-sell': ['SMO-M', 'HT-S'],
    'accessory': ['GLO-L', 'VEIL-R', 'GAIT'],
  },
  'SUIT-V': { 'cross-sell': ['HAT'], 'accessory': ['GLO-C', 'GAIT'] },
  'JKT': { 'related': ['JKT-O', 'SUIT'], 'upsell': ['JKT-V', 'SUIT'], 'cross-sell': ['TRS', 'SMO-M'], 'accessory': ['GLO-L', 'VEIL-R'] },
  'JKT-O': { upsell: ['JKT-V'], accessory: ['GLO-L'] },
  'JKT-V': { upsell: ['SUIT-V'], accessory: ['GLO-C', 'GAIT'] },
  'SUIT-K': { 'related': ['SUIT'], 'cross-sell': ['POUCH-1'], 'accessory': ['GAIT'] },
  'TRS': { accessory: ['GAIT'], related: ['SMK-C'] },
  'VEIL': { related: ['HAT'], upsell: ['JKT'], accessory: ['GLO-N'] },
  'GLO-L': { 'related': ['GLO-N'], 'upsell': ['GLO-C'], 'cross-sell': ['JKT'] },

  'JAR-125': { 'related': ['JAR-HEX', 'JAR-250'], 'cross-sell': ['GIFT', 'LAB-250', 'SEAL', 'BK-HONEY'], 'accessory': ['LID-53'] },
  'JAR-250': {
    'related': ['JAR-500'],
    'upsell': ['JAR-HEX'],
    'cross-sell': ['CARTON-250', 'LAB-250', 'GIFT', 'BK-HONEY'],
    'accessory': ['LID-63', 'SEAL'],
  },
  'JAR-500': {
    'upsell': ['JAR-1000'],
    'cross-sell': ['CARTON-500', 'GIFT', 'LAB-250', 'BK-HONEY'],
    'accessory': ['LID-82', 'LID-82C', 'SEAL'],
  },
  'JAR-1000': { 'upsell': ['SET-03'], 'cross-sell': ['LAB-250', 'BKT-G', 'CREAM-1', 'BK-HONEY'], 'accessory': ['LID-82'] },
  'JAR-HEX': {
    'related': ['COMB-BOX'],
    'cross-sell': ['GIFT', 'CARTON', 'BK-HONEY', 'CREAM-1'],
    'accessory': ['LID-63-GOL', 'LAB-250-COM', 'SEAL'],
  },
  'LID-53': { 'cross-sell': ['JAR-125', 'LAB-250', 'SEAL', 'GIFT'] },
  'LID-63': { 'cross-sell': ['JAR-250', 'JAR-HEX', 'LAB-250', 'SEAL'] },
  'LID-82': { 'upsell': ['LID-82C'], 'cross-sell': ['JAR-500', 'JAR-1000', 'LAB-250', 'SEAL'] },
  'LID-82C': { 'cross-sell': ['JAR-500', 'JAR-1000', 'LAB-250', 'SEAL'] },
  'COMB-BOX': { 'cross-sell': ['GIFT', 'LAB-250', 'SEAL', 'BK-HONEY'] },
  'MEAD': { 'cross-sell': ['BK-HONEY', 'LAB-250', 'REF-1', 'GIFT'] },
  'LAB-250': { 'related': ['SEAL'], 'cross-sell': ['JAR-500'] },
  'GIFT': { 'cross-sell': ['JAR-HEX', 'BK-HONEY'] },

  'FD-RAPID': { 'related': ['FD-CONT'], 'upsell': ['FD-FRAME'], 'cross-sell': ['BK-HEALTH', 'SYR'], 'accessory': ['FOND'] },
  'FD-FRAME': { 'cross-sell': ['SYR'] },
  'FD-CONT': { 'cross-sell': ['SYR'] },
  'FOND': { 'related': ['PATTY', 'SYR'], 'cross-sell': ['FD-RAPID'] },
  'SYR': { 'related': ['FOND'], 'cross-sell': ['FD-RAPID', 'FD-FRAME'] },
  'STRIP': { related: ['BK-HEALTH', 'LOUPE-1'] },

  'GRAFT-1': { 'related': ['BAR-1'], 'cross-sell': ['BK-QUEEN', 'LOUPE-1', 'INC-1'], 'accessory': ['CUPS'] },
  'BAR-1': { related: ['GRAFT-1'], accessory: ['CUPS', 'CAGE-R'] },
  'CUPS': { 'cross-sell': ['BAR-1', 'CAGE-R'] },
  'PEN': { related: ['TUBE-1', 'CLIP-1'] },
  'INC-1': { 'accessory': ['CAGE-R', 'CUPS'], 'cross-sell': ['MATE-1'] },
  'MATE-1': { related: ['NU-NA', 'NU-LA'], accessory: ['FOND', 'CAGE-I', 'CAGE-R'] },

  'SEED-MEA': { 'related': ['SEED-PHA', 'SEED-BOR', 'SEED-CLO'], 'upsell': ['POUCH-1'], 'cross-sell': ['BK-PLANT'] },
  'SEED-PHA': { 'related': ['SEED-BOR', 'SEED-MEA'], 'cross-sell': ['BK-PLANT'] },
  'SEED-BOR': { related: ['SEED-PHA', 'SEED-SUN'] },
  'SEED-LAV': { related: ['SEED-THY', 'SEED-CRO', 'TREE-1'] },
  'SEED-SUN': { 'cross-sell': ['SET-04'] },
  'TREE-1': { 'related': ['SEED-LAV'], 'cross-sell': ['BK-PLANT'] },
  'BK-FIRST': { 'related': ['BK-HEALTH', 'BK-SWARM'], 'cross-sell': ['KIT-NA', 'SET-01'], 'accessory': ['LOG-1'] },
  'BK-QUEEN': { 'related': ['BK-SWARM'], 'cross-sell': ['GRAFT-1'] },
  'BK-HONEY': { 'related': ['BK-WAX'], 'cross-sell': ['JAR-500'] },

  'ST-HIVE': { 'cross-sell': ['SCALE-1'] },

  'SET-01': {
    'related': ['SUIT-V', 'JKT-V', 'HAT', 'GLO-C'],
    'upsell': ['KIT-NA', 'KIT-LA'],
    'cross-sell': ['BK-FIRST', 'TRS', 'GAIT', 'FD-RAPID'],
    'accessory': ['FUEL', 'LIT-1', 'LOG-1', 'BRU-1', 'SMO-BOX', 'VEIL'],
  },
  'SET-02': {
    'related': ['UK-H', 'MELT-1', 'STR-280', 'EX-310'],
    'upsell': ['UT-1', 'TANK'],
    'cross-sell': ['JAR-500', 'LAB-250', 'BK-HONEY', 'CREAM-1'],
    'accessory': ['GATE-40', 'CLOTH-1', 'OPEN-1', 'UR-1', 'BKT', 'REF-1'],
  },
  'SET-03': {
    'related': ['JAR-250', 'JAR-HEX', 'JAR-125', 'COMB-BOX'],
    'cross-sell': ['BK-HONEY', 'CREAM-1', 'BKT-G', 'MEAD'],
    'accessory': ['LID-63', 'LID-82', 'SEAL', 'GIFT', 'CARTON', 'CLOTH-1'],
  },
  'SET-04': { 'cross-sell': ['BK-HEALTH', 'LOG-1', 'BK-HONEY', 'TRAP-W'], 'accessory': ['POUCH-1'], 'related': ['BK-PLANT', 'TREE-1'] },
}

/** Ways back that nobody has thought of, for the checks to find. */
const forgotten = ['SMO-M SMO-S', 'BK-HONEY BK-WAX']

/** What is worth a look beside a product is mutual: the way back stands at the end of the other's lane. */
function withWaysBack(lanes: Record<string, Lanes>): Record<string, Lanes> {
  const both = structuredClone(lanes)
  for (const [source, { related = [] }] of Object.entries(lanes))
    for (const target of related) {
      const back = ((both[target] ??= {}).related ??= [])
      if (!back.includes(source) && !forgotten.includes(`${source} ${target}`)) back.push(source)
    }
  return both
}

export const links = withWaysBack(picked)
