import { builtInLooks } from '../../core/looks/builtInLooks'
import { builtInPlans } from '../../core/pagePlans/builtInPlans'
import type { PagePlan } from '../../core/pagePlans/pagePlan'
import { sectionsOf } from '../../core/pagePlans/pagePlan'
import type { Change } from '../../core/records/registry'
import { recordOf } from '../../core/records/registry'
import { builtInSections } from '../../core/sections/builtIn'
import type { Versions } from '../../core/sections/versions'
import type { Store, StoreReader } from '../store/port'

/**
 * Gives a shop the sections, plans and looks that Manada starts with: all of them to a shop without any; to one that is older than some
 * kind of page, the plan of that kind with its sections, so that every page has a plan.
 */
export async function addBuiltIn(store: Store): Promise<void> {
  const plans = await valuesOf<Versions<PagePlan>>(store, 'plan')
  const missing = builtInPlans.filter(({ page }) => !plans.some(({ value: { live } }) => live?.page === page && live.scope === null))
  const known = new Set((await valuesOf(store, 'section')).map(each => each.kind))
  const named = plans.length ? new Set(missing.flatMap(sectionsOf)) : null
  const sections = missing.length ? builtInSections.filter(({ key }) => !known.has(key) && (named?.has(key) ?? true)) : []
  const looks = (await valuesOf(store, 'look')).length ? [] : builtInLooks
  const changes = [...changesTo('section', sections), ...changesTo('plan', missing), ...changesTo('look', looks)]
  if (!changes.length) return
  const { language } = await store.settings()
  await store.write(writer => writer.writeChanges(changes, language))
}

type Drafted = 'section' | 'plan' | 'look'

async function valuesOf<Value>(store: StoreReader, of: Drafted): Promise<{ kind: string; value: Value }[]> {
  const values = []
  for await (const { key: kind, value } of store.things(of, sku => sku))
    values.push({ kind, value: recordOf({ of }).upgrade(value) as Value })
  return values
}

const changesTo = (of: Drafted, things: readonly { key: string }[]): Change[] =>
  things.map(each => ({ of, owner: '', key: each.key, before: null, after: { live: each, draft: each } }) as Change)
