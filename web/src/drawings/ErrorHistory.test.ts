import { describe, expect, it } from 'vitest'
import type { Schemas } from '@/api/client'
import { runsBetweenCorrections } from './ErrorHistory'

const test = (id: number, taken: string | null): Schemas['Tested'] => ({
  id,
  testedAt: '2026-11-01T10:00:00Z',
  errorMm: 0.1,
  uncertaintyMm: 0.05,
  error: '0.10 mm',
  verdict: 'outside',
  found: 'leans toward the stock',
  taken,
  series: '',
  written: null,
})

const ids = (runs: Schemas['Tested'][][]) => runs.map((run) => run.map((entry) => entry.id))

describe('runsBetweenCorrections', () => {
  it('joins tests with nothing taken off between them', () => {
    expect(ids(runsBetweenCorrections([test(1, null), test(2, null)]))).toEqual([[1, 2]])
  })
  it('starts a new line after a correction', () => {
    expect(ids(runsBetweenCorrections([test(1, null), test(2, '4 shavings'), test(3, null)]))).toEqual([
      [1, 2],
      [3],
    ])
  })
  it('waits for the test after the last correction', () => {
    expect(ids(runsBetweenCorrections([test(1, '4 shavings')]))).toEqual([[1], []])
  })
})
