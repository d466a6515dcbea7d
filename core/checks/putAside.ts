import type { PutAsideChange } from '../commands/change'
import type { Finding } from './check'
import { findingKey } from './check'

/** Findings that were put aside, each with the reason. */
export class PutAside {
  readonly #bySource: Map<string, Map<string, string>>

  constructor(bySource: ReadonlyMap<string, ReadonlyMap<string, string>> = new Map()) {
    this.#bySource = new Map([...bySource].map(([source, findings]) => [source, new Map(findings)]))
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

  take({ source, kind, after }: PutAsideChange): void {
    const findings = this.#bySource.get(source) ?? new Map<string, string>()
    if (after === null) findings.delete(kind)
    else findings.set(kind, after)
    if (findings.size) this.#bySource.set(source, findings)
    else this.#bySource.delete(source)
  }
}
