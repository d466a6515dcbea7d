import type { Condition, TargetTest } from './rule'
import { partsOf } from './ruleWords'

/**
 * Which alternatives a target owes its place to: of every `any` that counts, the parts that hold for it.
 * @param holds whether a condition holds for the target
 * @returns where they stand in the second half of the rule: `pick.1` is its second part, `pick.1.0` the first part of that
 */
export function alternatives(condition: Condition<TargetTest>, holds: (part: Condition<TargetTest>) => boolean, path = 'pick'): string[] {
  if (!('any' in condition || 'all' in condition)) return []
  return partsOf<TargetTest>(condition).flatMap((part, i) => {
    const at = `${path}.${i}`
    if ('all' in condition) return alternatives(part, holds, at)
    return holds(part) ? [at, ...alternatives(part, holds, at)] : []
  })
}

/** The condition with only these alternatives of it. */
export function withAlternatives(condition: Condition<TargetTest>, paths: readonly string[], path = 'pick'): Condition<TargetTest> {
  if (!('any' in condition || 'all' in condition)) return condition
  const parts = partsOf<TargetTest>(condition).flatMap((part, i) => {
    const at = `${path}.${i}`
    return 'all' in condition || paths.includes(at) ? [withAlternatives(part, paths, at)] : []
  })
  return 'all' in condition ? { all: parts } : { any: parts }
}
