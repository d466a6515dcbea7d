import { z } from 'zod'
import type { PeopleAnswer, TokensAnswer } from '../../../core/access/people'
import { invitedSchema, madeTokenSchema, peopleAnswerSchema, tokensAnswerSchema } from '../../../core/access/people'
import type { Role } from '../../../core/access/roles'
import type { Scope } from '../../../core/access/scopes'
import { callApi } from '../../data/callApi'
import { useMessages } from '../../data/messages'

/** Everybody who may come in, and every program. */
export const usePeople = defineStore('people', () => {
  const messages = useMessages()
  const answer = shallowRef<PeopleAnswer | null>(null)
  const tokens = shallowRef<TokensAnswer['tokens']>([])

  async function load(): Promise<void> {
    const [people, programs] = await Promise.all([callApi(peopleAnswerSchema, '/api/people'), callApi(tokensAnswerSchema, '/api/tokens')])
    answer.value = people
    tokens.value = programs.tokens
  }

  /** Does something, takes everything anew, and tells it; what is refused is told too. */
  async function change<T>(work: () => Promise<T>, words?: string): Promise<T | null> {
    try {
      const done = await work()
      await load()
      if (words) messages.tell(words)
      return done
    } catch (error) {
      messages.refuse(error)
      // What is seen is as it is kept.
      await load().catch(() => undefined)
      return null
    }
  }
  const post = <S extends z.ZodType>(schema: S, path: string, body: object) => callApi(schema, path, { method: 'POST', body })
  const remove = (path: string) => callApi(z.any(), path, { method: 'DELETE' })

  return {
    answer,
    tokens,
    load,
    giveRole: (id: string, role: Role, words: string) => change(() => post(z.any(), `/api/people/${id}/role`, { role }), words),
    removePerson: (id: string, words: string) => change(() => remove(`/api/people/${id}`), words),
    /** Returns the link; null: it was refused. */
    invite: async (name: string, role: Role) =>
      (await change(() => post(invitedSchema, '/api/people/invite', { name, role })))?.link ?? null,
    takeBackInvitation: (id: string, words: string) => change(() => remove(`/api/people/invitations/${id}`), words),
    /** Returns the token; null: it was refused. */
    makeToken: async (name: string, scopes: Scope[], days: number) =>
      (await change(() => post(madeTokenSchema, '/api/tokens', { name, scopes, days })))?.token ?? null,
    takeBackToken: (id: string, words: string) => change(() => remove(`/api/tokens/${id}`), words),
  }
})
