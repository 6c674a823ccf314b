import { describe, expect, it } from 'vitest'
import { pageOf } from './pages'

describe('the page of a record', () => {
  it('is found by kind and number', () => {
    expect(pageOf({ kind: 'edge', id: 7 })).toBe('/edges/7')
    expect(pageOf({ kind: 'reference', id: 3 })).toBe('/true/references/3')
    expect(pageOf({ kind: 'stone', id: 2 })).toBe('/edges/rack?stone=2')
  })
  it('is the list where there is no number', () => {
    expect(pageOf({ kind: 'ladder', id: null })).toBe('/kit/ladder')
  })
  it('is never guessed', () => {
    expect(() => pageOf({ kind: 'spanner', id: 1 })).toThrow('spanner')
    expect(() => pageOf({ kind: 'edge', id: null })).toThrow('edge')
  })
})
