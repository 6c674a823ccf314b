import { describe, expect, it } from 'vitest'
import type { Schemas } from '@/api/client'
import { labelsOf, lengthsOf, typedFigures } from './toolForm'

const dimension = (
  name: string,
  unit: Schemas['Dimension']['unit'],
  usual: string,
): Schemas['Dimension'] => ({
  name,
  label: name,
  unit,
  usual,
  stepMm: 1,
  asked: true,
})

const saw = {
  dimensions: [
    dimension('tpi', 'teeth-per-inch', '15'),
    dimension('depth', 'length', '45'),
    dimension('plate', 'thickness', '0.5'),
  ],
} as Schemas['Kind']

const figure = (typed: string, value: number | null): Schemas['Reading'] => ({
  typed,
  value,
  understood: null,
  error: value === null ? 'no' : null,
  doubt: null,
  instead: null,
})

describe('lengthsOf', () => {
  it('knows which fields keep the unit they were typed in', () => {
    expect(lengthsOf(saw)).toEqual(['depth', 'plate'])
  })
  it('is nothing without a kind', () => {
    expect(lengthsOf(undefined)).toEqual([])
  })
})

describe('typedFigures', () => {
  it('sends what was typed and leaves out what was not', () => {
    expect(typedFigures(saw, { tpi: '18', depth: ' ', name: 'mine' })).toEqual({ tpi: '18' })
  })
})

describe('labelsOf', () => {
  it('writes what was typed, or the usual size', () => {
    expect(labelsOf(saw, { depth: figure('40', 40) })).toEqual({ tpi: '15', depth: '40', plate: '0.5' })
  })
  it('keeps the usual size while a figure is half typed', () => {
    expect(labelsOf(saw, { depth: figure('4x', null) }).depth).toBe('45')
  })
})
