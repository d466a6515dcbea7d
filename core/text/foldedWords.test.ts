import { expect, it } from 'vitest'
import { foldedWords, hasWords } from './foldedWords'

it('finds beginnings of words whatever the case and the accents', () => {
  expect(foldedWords('Königinnen-Zucht, 2 ')).toEqual(['koniginnen', 'zucht', '2'])
  expect(hasWords('Königinnen-Zucht', foldedWords('zu KÖN'))).toBe(true)
  expect(hasWords('Königinnen-Zucht', foldedWords('ucht'))).toBe(false)
  expect(hasWords('Königinnen-Zucht', foldedWords(' '))).toBe(true)
})
