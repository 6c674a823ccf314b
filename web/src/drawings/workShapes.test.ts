import { describe, expect, it } from 'vitest'
import { workShapes } from './workShapes'

const shapeOf = (form: string, given: Record<string, number> = {}) =>
  workShapes[form]?.((name, usual) => given[name] ?? usual) ?? expect.fail(`no ${form}`)

describe.each(Object.keys(workShapes))('%s', (form) => {
  it('is drawn with numbers and says from where', () => {
    const shape = shapeOf(form)
    expect([...shape.bodies, ...shape.details].join(' ')).not.toMatch(/NaN|undefined/)
    expect(shape.says).not.toBe('')
    expect(shape.width * shape.height).toBeGreaterThan(0)
  })
})

describe('a panel', () => {
  it('has as many boards as its width wants', () => {
    expect(shapeOf('panel', { width: 900, length: 900 }).bodies.length).toBeGreaterThan(
      shapeOf('panel', { width: 300, length: 900 }).bodies.length,
    )
  })
  it('shows its groove only where there is one', () => {
    expect(shapeOf('panel', { groove: 6 }).details).toHaveLength(1)
    expect(shapeOf('panel', { groove: 0 }).details).toHaveLength(0)
  })
})

describe('a stand', () => {
  it('is as long and as high as it is given', () => {
    expect(shapeOf('stand', { length: 900, height: 380 })).toMatchObject({
      width: 900,
      height: 380,
      up: 'height',
    })
  })
  it('has no height to measure where none is given', () => {
    expect(shapeOf('stand', { length: 900 }).up).toBeUndefined()
  })
})

describe('a shelf', () => {
  it('houses each of its shelves at both ends', () => {
    expect(shapeOf('shelf').details).toHaveLength(6)
  })
})
