import { useDebounceFn } from '@vueuse/core'
import { isEqual, pickBy } from 'es-toolkit'
import { ref, shallowRef } from 'vue'
import type { Command } from '../../core/records/registry'
import { ApiProblem } from './callApi'
import { useHistory } from './history'
import type { Message } from './messages'
import { useMessages } from './messages'

/** How long typing must have paused before what was typed is sent, in milliseconds. */
const pause = 500

/**
 * What the server keeps and the studio edits. An edit shows at once and is sent behind those before it; when the last has arrived, what is
 * stored is taken anew. Every edit is a command, so that it can be undone.
 * @param fetch what is stored of what was asked for
 * @example
 * const drafts = useResource((_: null) => callApi(draftsAnswerSchema, '/api/drafts'))
 * await drafts.open(null)
 * void drafts.edit(withoutOffer(drafts.value.value!), () => ({ type: 'removeOffer', key }))
 */
export function useResource<Asked, Stored>(fetch: (asked: Asked) => Promise<Stored>) {
  const history = useHistory()
  const messages = useMessages()

  const value = shallowRef<Stored | null>(null)
  /** Why it is not there, or not as it is stored. */
  const problem = shallowRef<ApiProblem | null>(null)
  const loading = ref(false)
  /** Grows whenever it was taken anew, so that what follows from it can follow. */
  const edition = ref(0)

  let asked: { for: Asked } | null = null
  /** Edits on their way. */
  let waiting = 0
  /** Edits begun so far. */
  let edits = 0
  /** The newest load; whoever waits for an older one waits for it. */
  let newest: Promise<void> = Promise.resolve()
  /** What is being typed and not sent yet, with how it was before. */
  let unsent: { about: string; before: Stored; next: Stored; command: (before: Stored, next: Stored) => Command | null } | null = null

  /**
   * Asks for something, another than before perhaps; what is there stays in sight until it has come.
   * @throws ApiProblem
   */
  async function open(next: Asked): Promise<void> {
    const wanted = { for: next }
    if (!isEqual(next, asked?.for)) await flush()
    asked = wanted
    loading.value = true
    try {
      await load()
    } finally {
      if (asked === wanted) loading.value = false
    }
  }

  /** Lets go of it. What was typed is sent. */
  function close(): void {
    void flush()
    asked = null
    value.value = null
    problem.value = null
    loading.value = false
  }

  /**
   * Takes what is stored anew.
   * @throws ApiProblem
   */
  function load(): Promise<void> {
    const own: Promise<void> = loadUnless(() => own !== newest)
    return (newest = own)
  }

  /** @param isOvertaken whether it was asked for again since */
  async function loadUnless(isOvertaken: () => boolean): Promise<void> {
    const [wanted, before] = [asked, edits]
    if (!wanted) return
    try {
      const fetched = await fetch(wanted.for)
      if (wanted === asked && isOvertaken()) return await newest
      // What was asked for before an edit, or comes while one is on its way, is not the newest: it would put things back for a moment, and
      // the next key would go astray.
      if (wanted !== asked || waiting || unsent || before !== edits) return
      value.value = fetched
      problem.value = null
      edition.value++
    } catch (error) {
      if (wanted !== asked) return
      if (isOvertaken()) return await newest
      if (!(error instanceof ApiProblem)) throw error
      if (error.details.status === 404) value.value = null
      problem.value = error
      throw error
    }
  }

  /**
   * Sends a command.
   * @param wayOut what can be done instead when it is refused, which is told
   * @returns what was done in words; null when it was refused
   */
  async function send(command: Command, wayOut?: (refused: unknown) => Message['action']): Promise<string | null> {
    waiting++
    edits++
    let isRefused = false
    try {
      return (await history.send(command)).words
    } catch (error) {
      isRefused = true
      messages.refuse(error, wayOut?.(error))
      return null
    } finally {
      waiting--
      // Why it was refused stays in sight, whatever else goes wrong.
      if (!waiting) await load().catch(error => isRefused || messages.refuse(error))
    }
  }

  /** The same, and tells what was done, with a way back. */
  async function sendAndTell(command: Command): Promise<boolean> {
    const words = await send(command)
    if (words !== null) history.tellDone(`${words}.`)
    return words !== null
  }

  /** Sends what adds a thing. Returns its key; null when it was refused. */
  async function add(command: Command, things: () => readonly { key: string }[]): Promise<string | null> {
    const before = new Set(things().map(each => each.key))
    return (await sendAndTell(command)) ? (things().find(each => !before.has(each.key))?.key ?? null) : null
  }

  /**
   * Shows an edit at once, and sends it.
   * @param next how it looks then
   * @param command what makes one out of the other; null: nothing has changed
   * @param how typed: it is being typed, and is sent when the typing pauses, as one edit; about: of several things, which is edited: what
   * is typed in one is sent before another is edited
   */
  async function edit(
    next: Stored,
    command: (before: Stored, next: Stored) => Command | null,
    { typed = false, about = '', wayOut }: { typed?: boolean; about?: string; wayOut?: (refused: unknown) => Message['action'] } = {},
  ): Promise<string | null> {
    if (unsent && unsent.about !== about) void flush()
    const before = unsent?.before ?? value.value!
    value.value = next
    unsent = { about, before, next, command }
    if (!typed) return flush(wayOut)
    void flushSoon()
    return null
  }

  /** Sends now what was typed. */
  async function flush(wayOut?: (refused: unknown) => Message['action']): Promise<string | null> {
    if (!unsent) return null
    const command = unsent.command(unsent.before, unsent.next)
    unsent = null
    if (command) return send(command, wayOut)
    // It was typed back to what it was; what came in the meantime was not taken.
    await load()
    return null
  }
  const flushSoon = useDebounceFn(() => flush(), pause)

  return { value, problem, loading, edition, open, close, load, send, sendAndTell, add, edit, flush }
}

/**
 * The parts of a thing that differ, as commands name them: what they are to be, and what they were when that was decided.
 * Null: none differs.
 */
export function changedParts<Parts extends object>(
  before: Parts,
  now: Partial<Parts>,
): { settings: Partial<Parts>; seen: Partial<Parts> } | null {
  const settings = pickBy(now as Parts, (part, name) => !isEqual(part, before[name as keyof Parts])) as Partial<Parts>
  const names = Object.keys(settings) as (keyof Parts)[]
  return names.length ? { settings, seen: Object.fromEntries(names.map(name => [name, before[name]])) as Partial<Parts> } : null
}
