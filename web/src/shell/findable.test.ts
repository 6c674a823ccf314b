import { expect, it } from 'vitest'
import { FINDABLE, findable } from './findable'

const found = (typed: string) => findable(typed).map((one) => one.to)

it('finds by the words people use', () => {
  expect(found('shrinkage')).toEqual(['/true/wood'])
  expect(found('sandpaper')).toContain('/edges/rack')
  expect(found('what to buy')).toContain('/kit/ladder')
  expect(found('settings')).toEqual(['/kit/school'])
  expect(found('twist')).toContain('/true/winding')
  expect(found('tpi')).toEqual(['/kit/fit/saws'])
  expect(found('dark mode')).toEqual(['setting:Ground'])
  expect(found('inches')).toEqual(['setting:Unit'])
})

it('puts names first and asks for every word', () => {
  expect(found('saw')[0]).toBe('/edges/saws')
  expect(found('winding sticks')[0]).toBe('/true/plans/winding-sticks')
  expect(found('winding nonsense')).toEqual([])
  expect(found('  ')).toEqual([])
})

it('leads to each page once', () => {
  const addresses = FINDABLE.map((one) => one.to)
  expect(new Set(addresses).size).toBe(addresses.length)
})
