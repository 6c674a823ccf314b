import { describe, expect, it } from 'vitest'
import { outlineOf } from './index'

describe('outlineOf', () => {
  it('is as long as the tool', () => {
    expect(outlineOf('plane', { length: 355, height: 140 }).width).toBe(355)
  })
  it('draws a wider chisel with a wider blade', () => {
    expect(outlineOf('chisel', { length: 270, width: 25 }).bodies[1]).not.toBe(
      outlineOf('chisel', { length: 270, width: 6 }).bodies[1],
    )
  })
  it('adds the handle to a saw blade', () => {
    expect(outlineOf('back-saw', { length: 250, depth: 45, handle: 120 }).width).toBe(370)
  })
  it('draws a form it does not know as a plain box', () => {
    expect(outlineOf('something new', { length: 80, width: 20 })).toMatchObject({ width: 80, height: 20 })
  })
})
