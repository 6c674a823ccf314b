import { describe, expect, it } from 'vitest'
import type { Schemas } from '../api/client'
import { runsBetweenPlanings } from './ErrorHistory'

const test = (id: number, shavingsTaken: number | null): Schemas['SquareTest'] => ({
  id,
  testedAt: '2026-11-01T10:00:00Z',
  errorMm: 0.1,
  uncertaintyMm: 0.05,
  error: '0.10 mm',
  verdict: 'outside',
  lean: 'toward-stock',
  shavingsTaken,
  takenOffAt: shavingsTaken === null ? null : 'heel',
})

const ids = (runs: Schemas['SquareTest'][][]) => runs.map((run) => run.map((entry) => entry.id))

describe('runsBetweenPlanings', () => {
  it('joins tests with nothing planed between them', () => {
    expect(ids(runsBetweenPlanings([test(1, null), test(2, null)]))).toEqual([[1, 2]])
  })
  it('starts a new line after planing', () => {
    expect(ids(runsBetweenPlanings([test(1, null), test(2, 4), test(3, null)]))).toEqual([[1, 2], [3]])
  })
  it('waits for the test after the last planing', () => {
    expect(ids(runsBetweenPlanings([test(1, 4)]))).toEqual([[1], []])
  })
})
