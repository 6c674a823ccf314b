import { describe, expect, it } from 'vitest'
import { inUnit } from './inUnit'

describe('inUnit', () => {
  it('writes the old unit behind a bare figure', () => {
    expect(inUnit({ gap: '0.32' }, 'mm')).toEqual({ gap: '0.32 mm' })
  })
  it('knows fractions and mixed numbers as figures', () => {
    expect(inUnit({ length: '7 7/8', gap: '1-1/8' }, 'inch')).toEqual({ length: '7 7/8 in', gap: '1-1/8 in' })
  })
  it('leaves a figure with its own unit alone', () => {
    expect(inUnit({ gap: '12 thou' }, 'mm')).toEqual({ gap: '12 thou' })
  })
  it('leaves words and empty fields alone', () => {
    expect(inUnit({ leftLine: 'first', gap: '' }, 'mm')).toEqual({ leftLine: 'first', gap: '' })
  })
  it('goes through lists of readings', () => {
    expect(inUnit({ rows: [{ at: '450', gap: '' }] }, 'mm')).toEqual({ rows: [{ at: '450 mm', gap: '' }] })
  })
  it('goes through lists of figures', () => {
    expect(inUnit({ farGaps: ['0.3', '', '0,34'] }, 'mm')).toEqual({ farGaps: ['0.3 mm', '', '0,34 mm'] })
  })
})
