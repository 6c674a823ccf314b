import { describe, expect, it } from 'vitest'
import { type ToldPart, toldParts } from './toldParts'

const back = (parts: readonly ToldPart[]) =>
  parts
    .map((part) =>
      part.kind === 'fraction' ? `${part.whole && `${part.whole} `}${part.above}/${part.below}` : part.text,
    )
    .join('')

describe('what is told', () => {
  it('has fractions of an inch as fractions, with the whole before them', () => {
    expect(toldParts('Set it to 1 49/64 in.')).toEqual([
      { kind: 'words', text: 'Set it to ' },
      { kind: 'fraction', whole: '1', above: '49', below: '64' },
      { kind: 'words', text: ' ' },
      { kind: 'unit', text: 'in' },
      { kind: 'words', text: '.' },
    ])
  })

  it('knows a slope, a date and a grit from a fraction', () => {
    for (const text of ['1 in 7', 'slope 1/7', 'on 3/4', 'stones 220/1000'])
      expect(toldParts(text).some(({ kind }) => kind === 'fraction')).toBe(false)
  })

  it('finds units behind figures only', () => {
    expect(toldParts('200 mm').at(-1)).toEqual({ kind: 'unit', text: 'mm' })
    expect(toldParts('35°').at(-1)).toEqual({ kind: 'unit', text: '°' })
    expect(toldParts('held in 2 hands').every(({ kind }) => kind === 'words')).toBe(true)
  })

  it('says the same as before', () => {
    for (const text of ['−0.04 mm, 3/8 in × 1 1/2 in', 'Take 4 shavings.', '', '12.6 thou (0.3 mm)'])
      expect(back(toldParts(text))).toBe(text)
  })
})
