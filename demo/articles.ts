import type { Article } from '../core/catalogue/catalogue'

const article = (key: string, en: string, de: string, image: string, products: string[], ...body: string[]): Article => ({
  key,
  title: { en, de },
  body: { en: body.join('\n\n') },
  image: `/pictures/${image}.svg`,
  products,
})

export const articles: Article[] = [
  article(
    'first-inspection',
    'Preparing the first inspection',
    'Die erste Durchsicht vorbereiten',
    'smoker-steel-tools',
    ['SMO-M', 'HT-S', 'JKT', 'LOG-1'],
    'Wait for a still day of at least fifteen degrees, when many foragers are out. Light the smoker before you open anything, and make ' +
      'sure that it stays alight when you put it down.',
    'Stand behind the hive. Two puffs at the entrance, then a minute of patience. Loosen the crown board with the hive tool and lift it ' +
      'straight up; whatever you do slowly, the bees forgive.',
    'You are looking for four things: eggs, food, room, and anything that looks wrong. Write them down before you drive home. By the ' +
      'third hive you will not remember the first.',
  ),
  article(
    'taking-honey',
    'Taking off the honey',
    'Honig ernten',
    'extractorSmall-steel-extraction',
    ['EX-210', 'UF-21', 'STR-240', 'BKT-G'],
    'Two thirds of the cells should be capped. If you shake a frame and drops fall out, leave it for another week: wet honey ferments.',
    'Warm combs empty best, so extract on the day you take them off. Uncap over a tray, spin gently at first, then turn the frames and ' +
      'spin again.',
    'Strain once through coarse and fine, let it stand for two days with the lid on, and skim the froth. That is all there is to it.',
  ),
  article(
    'swarm-in-may',
    'A swarm in May',
    'Ein Schwarm im Mai',
    'nucleus-pine-hives',
    ['NU-NA', 'BRU-1', 'CLIP-1', 'BK-SWARM'],
    'A swarm hanging in a tree is full of honey and in the best of moods. It will stay for an hour or for two days; nobody knows, least ' +
      'of all the swarm.',
    'Hold the box below, knock the branch once, and wait until the stragglers begin to fan at the entrance. Then you know that she is ' +
      'inside.',
  ),
  article(
    'autumn-feeding',
    'Feeding before the frost',
    'Auffüttern vor dem Frost',
    'feeder-white-feeding',
    ['FD-RAPID', 'SYR', 'FOND'],
    'A colony needs about fifteen kilograms to see the spring. Weigh the hive at the back with a luggage scale, or lift it and trust ' +
      'your arms once you have lifted a few.',
    'Syrup while it is warm, fondant when it is cold. Feed in the evening, and not a drop beside the hive, or every bee of the village ' +
      'will come to look.',
  ),
  article(
    'which-jar',
    'Which jar for which honey',
    'Welches Glas für welchen Honig',
    'jarHex-gold-jars',
    ['JAR-HEX', 'JAR-500', 'LID-82', 'LAB-250'],
    'Clear honey wants a tall jar against the light. Set honey looks best in a wide one, because people spoon it. And whoever buys a ' +
      'small jar is buying a present.',
    'Count lids when you count jars. They are sold apart because they wear out apart.',
  ),
  article(
    'garden-for-bees',
    'A garden for bees',
    'Ein Garten für Bienen',
    'packetMeadow-rose-garden',
    ['SEED-CRO', 'SEED-PHA', 'SEED-BOR', 'TREE-1'],
    'It is not July that starves bees but March and September. Plant for the ends of the year, and the middle looks after itself.',
    'Crocus under the lawn, willow at the fence, phacelia where the potatoes were, and ivy left alone: that is a year.',
  ),
]
