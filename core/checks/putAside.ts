import type { Finding } from './check'
import { findingKey } from './check'

/** Findings that were put aside, each with the reason. */
export class PutAside {
  readonly #bySource: ReadonlyMap<string, ReadonlyMap<string, string>>

  /** @param bySource reasons by source, then by what tells its findings apart; it is looked at, not copied */
  constructor(bySource: ReadonlyMap<string, ReadonlyMap<string, string>>) {
    this.#bySource = bySource
  }

  /** Reasons by source, then by what tells its findings apart. */
  get bySource(): ReadonlyMap<string, ReadonlyMap<string, string>> {
    return this.#bySource
  }

  /** Why a finding was put aside; null: it was not. */
  reason(finding: Finding): string | null {
    return this.reasonOf(finding.source, findingKey(finding))
  }

  reasonOf(source: string, key: string): string | null {
    return this.#bySource.get(source)?.get(key) ?? null
  }
}
