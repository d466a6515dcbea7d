import { describe, expect, it } from 'vitest'
import { baseParts, basePage } from './builtInLooks'
import type { LookParts } from './look'
import { fontSchema } from './look'
import { lookStyle, pageLook } from './lookStyle'

const style = (part: Partial<LookParts>) => lookStyle({ ...baseParts, ...part }, basePage)

describe('a look as CSS custom properties', () => {
  it('has room within what is filled or lined, and none otherwise', () => {
    expect(style({})).toMatchObject({
      '--section-inset': '0px',
      '--card-inset': '0px',
      '--section-ground': 'transparent',
      '--section-border': '0 solid transparent',
    })
    expect(style({ ground: '#ffffff' })['--section-inset']).toBe('18px')
    expect(style({ border: 'section', line: '#123456', lineWidth: 2 })).toMatchObject({
      '--section-inset': '18px',
      '--section-border': '2px solid #123456',
      '--card-border': '0 solid transparent',
    })
    expect(style({ border: 'cards', line: '#123456' })).toMatchObject({
      '--section-inset': '0px',
      '--card-inset': '12px',
      '--card-border': '1px solid #123456',
    })
  })

  it('makes corners within corners smaller, but never less than none', () => {
    const corners = (corner: number, card: string | null) => style({ corner, card })['--picture-corner']
    expect([corners(16, null), corners(16, '#ffffff'), corners(4, '#ffffff')]).toEqual(['16px', '10px', '0px'])
  })

  it('parts rows by lines only where no cards do', () => {
    expect(style({})['--row-line']).toMatch(/^1px solid #[0-9a-f]{6}$/)
    expect(style({ border: 'cards' })['--row-line']).toBe('0 solid transparent')
  })

  it('draws buttons in three ways, with text that can be read on a filled one', () => {
    const button = (way: LookParts['button'], accent = '#0f5c66') => {
      const { '--button-ground': ground, '--button-ink': ink, '--button-line': line } = style({ button: way, accent })
      return [ground, ink, line]
    }
    expect(button('filled')).toEqual(['#0f5c66', '#ffffff', '#0f5c66'])
    expect(button('filled', '#f0cf86')).toEqual(['#f0cf86', '#1f2933', '#f0cf86'])
    expect(button('outlined')).toEqual(['transparent', '#0f5c66', '#0f5c66'])
    expect(button('plain')).toEqual(['transparent', '#0f5c66', 'transparent'])
  })

  it('draws badges in three ways', () => {
    const badge = (way: LookParts['badge']) => {
      const {
        '--badge-ground': ground,
        '--badge-ink': ink,
        '--badge-line': line,
      } = style({ badge: way, badgeColour: '#48622b', card: '#ffffff' })
      return [ground, ink, line]
    }
    expect(badge('tinted')).toEqual(['#e5e9e1', '#48622b', 'transparent'])
    expect(badge('filled')).toEqual(['#48622b', '#ffffff', 'transparent'])
    expect(badge('outlined')).toEqual(['transparent', '#48622b', '#48622b'])
  })

  it('tells what is out of stock in a colour that can be read on dark grounds too', () => {
    expect(style({ card: '#ffffff' })).toMatchObject({ '--section-out': '#8c3a27', '--section-few': '#7a5200' })
    expect(style({ card: '#26322f' })).toMatchObject({ '--section-out': '#ffc2b0', '--section-few': '#f2cf86' })
  })

  it('names a font for every choice, each with one that any device has', () => {
    for (const each of fontSchema.options) {
      const { '--page-text': text, '--page-head': head } = pageLook({ ...basePage, textFont: each, headFont: each })
      expect(text).toBe(head)
      expect(text).toMatch(/(sans-serif|serif)$/)
    }
  })
})
