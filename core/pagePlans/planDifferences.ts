import { isEqual } from 'es-toolkit'
import type { PagePlan } from './pagePlan'
import { blocksOf } from './pagePlan'

/**
 * What of a page plan is another, in words: “adds “Seen lately””.
 * @param name of what stands in a block
 */
export function planDifferences(before: PagePlan, after: PagePlan, name: (block: string) => string): string[] {
  const zoneOf = (plan: PagePlan, key: string) => plan.zones.find(zone => zone.blocks.includes(key))?.key
  const had = blocksOf(before)
  const has = blocksOf(after)
  const stayed = has.filter(key => had.includes(key))
  const moved = stayed.filter(key => zoneOf(before, key) !== zoneOf(after, key))
  const isInOrder = had.filter(key => has.includes(key)).every((key, i) => key === stayed[i])
  const quoted = (key: string) => `“${name(key)}”`
  return [
    ...(isEqual(before.name, after.name) ? [] : ['changes its name']),
    ...(isEqual(before.scope, after.scope) ? [] : ['is for other pages']),
    ...(before.rank === after.rank
      ? []
      : [`goes ${after.rank < before.rank ? 'before' : 'after'} plans that it went ${after.rank < before.rank ? 'after' : 'before'}`]),
    ...has.filter(key => !had.includes(key)).map(key => `adds ${quoted(key)}`),
    ...had.filter(key => !has.includes(key)).map(key => `takes ${quoted(key)} out`),
    ...moved.map(key => `moves ${quoted(key)}`),
    ...(isInOrder || moved.length ? [] : ['puts what stands on it in another order']),
    ...stayed
      .filter(key => before.off.includes(key) !== after.off.includes(key))
      .map(key => `switches ${quoted(key)} ${after.off.includes(key) ? 'off' : 'on'}`),
    ...(before.repeats === after.repeats ? [] : [after.repeats ? 'shows a product again that is shown above' : 'shows no product twice']),
  ]
}
