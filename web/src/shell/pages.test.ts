import { describe, expect, it } from 'vitest'
import { formOf, pageOf } from './pages'

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

describe('the form that an entry was typed into', () => {
  it('stands on the page of what it is about', () => {
    expect(formOf({ kind: 'reference-tested', about: { kind: 'reference', id: 3 } })).toBe(
      '/true/references/3',
    )
    expect(formOf({ kind: 'edge-used', about: { kind: 'edge', id: 7 } })).toBe('/edges/7/diary')
    expect(formOf({ kind: 'air-read', about: { kind: 'season', id: null } })).toBe('/true/season')
  })
  it('is another one for tests by one reading of several', () => {
    expect(formOf({ kind: 'board-sighted', about: { kind: 'reference', id: 3 } })).toBe('/true/winding')
  })
  it('is none when that is no more', () => {
    expect(formOf({ kind: 'reference-tested', about: null })).toBeNull()
  })
})
