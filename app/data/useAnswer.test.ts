import { afterEach, expect, it } from 'vitest'
import type { EffectScope } from 'vue'
import { effectScope, ref } from 'vue'
import { ApiProblem } from './callApi'
import { useAnswer } from './useAnswer'

let scope: EffectScope
afterEach(() => scope.stop())

/** A question whose answers come when the test says so. */
function begin(first: string | null) {
  const question = ref(first)
  const asked: { question: string; answer: (answer: string) => void; refuse: (error: Error) => void }[] = []
  scope = effectScope()
  const { answer, failed } = scope.run(() =>
    useAnswer(
      () => question.value,
      20,
      each => new Promise<string>((answer, refuse) => asked.push({ question: each, answer, refuse })),
    ),
  )!
  return { question, asked, answer, failed, questions: () => asked.map(each => each.question) }
}
const refused = new ApiProblem({
  type: 'urn:manada:problem:unknown-subject',
  title: 'Unknown',
  status: 404,
  detail: 'There is no such product.',
})

it('asks once what was typed in one go', async () => {
  const { question, questions } = begin(null)
  for (const words of ['h', 'hi', 'hiv', 'hive']) question.value = words
  await expect.poll(questions).toEqual(['hive'])
})

it('counts the newest answer only, and shows the one before until it comes', async () => {
  const { question, asked, answer, questions } = begin('hive')
  await expect.poll(questions).toEqual(['hive'])
  asked[0]!.answer('of hive')
  await expect.poll(() => answer.value).toBe('of hive')

  question.value = 'smoker'
  await expect.poll(questions).toEqual(['hive', 'smoker'])
  question.value = 'gloves'
  await expect.poll(questions).toEqual(['hive', 'smoker', 'gloves'])
  expect(answer.value).toBe('of hive')
  asked[2]!.answer('of gloves')
  asked[1]!.answer('of smoker')
  await expect.poll(() => answer.value).toBe('of gloves')
  await new Promise(resolve => setTimeout(resolve, 5))
  expect(answer.value).toBe('of gloves')
})

it('says why there is no answer, until there is one', async () => {
  const { question, asked, answer, failed, questions } = begin('hive')
  await expect.poll(questions).toEqual(['hive'])
  asked[0]!.refuse(refused)
  await expect.poll(() => failed.value).toBe('There is no such product.')
  question.value = 'gloves'
  await expect.poll(questions).toEqual(['hive', 'gloves'])
  asked[1]!.answer('of gloves')
  await expect.poll(() => [answer.value, failed.value]).toEqual(['of gloves', ''])
})
