import { describe, expect, it } from 'vitest'
import { fileFormatKeys, fileFormatOf, formatOfType } from './registry'

describe('formats of files', () => {
  it('are told by their media types, whatever their case and parameters', () => {
    for (const key of fileFormatKeys) {
      const { mediaType, contentType } = fileFormatOf(key)
      expect([mediaType, mediaType.toUpperCase(), `${mediaType} ; charset=utf-8`, contentType].map(formatOfType)).toEqual([
        key,
        key,
        key,
        key,
      ])
    }
    expect(['', 'text/html', 'text/csvx', 'application/json'].map(formatOfType)).toEqual([undefined, undefined, undefined, undefined])
  })
})
