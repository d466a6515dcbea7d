import { expect, it } from 'vitest'
import { typedColour } from './typedColour'

it('takes colours as people type them', () => {
  expect(['#0f5c66', ' 0F5C66 ', '#abc', 'FFF'].map(typedColour)).toEqual(['#0f5c66', '#0f5c66', '#aabbcc', '#ffffff'])
  expect(['', 'red', '#12', '#12345', '#1234567', 'rgb(1,2,3)'].map(typedColour)).toEqual(Array(6).fill(null))
})
