// @vitest-environment jsdom
import { beforeEach, describe, expect, it } from 'vitest'
import { changeBench } from './draftsOfBench'

describe('changeBench', () => {
  beforeEach(() => localStorage.clear())

  it('lays aside what was typed at the bench that is left', () => {
    localStorage.setItem('draft square 1', 'typed here')
    changeBench(1, 2)
    expect(localStorage.getItem('draft square 1')).toBeNull()
  })
  it('has it there again when the user comes back', () => {
    localStorage.setItem('draft square 1', 'typed here')
    changeBench(1, 2)
    localStorage.setItem('draft square 1', 'typed there')
    changeBench(2, 1)
    expect(localStorage.getItem('draft square 1')).toBe('typed here')
    changeBench(1, 2)
    expect(localStorage.getItem('draft square 1')).toBe('typed there')
  })
  it('leaves everything else alone', () => {
    localStorage.setItem('last diary', 'x')
    changeBench(1, 2)
    expect(localStorage.getItem('last diary')).toBe('x')
  })
})
