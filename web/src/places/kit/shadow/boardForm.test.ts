import { describe, expect, it } from 'vitest'
import { baseOf, choosing, chosenOf, sentOf } from './boardForm'

const tools = [
  { id: 3, name: 'jack plane', group: 'bench-planes', isUsual: true },
  { id: 4, name: 'vice', group: 'holding', isUsual: false },
  { id: 9, name: 'marking knife', group: 'chisels', isUsual: true },
]

describe('a shadow board as it is typed', () => {
  it('begins with what usually hangs', () => {
    expect(sentOf(baseOf(null, tools)).tools).toEqual([3, 9])
  })
  it('is the one that is kept', () => {
    const board = { id: 1, version: 2, name: 'wall', width: '800', height: '600', room: '30', tools: [4] }
    expect(sentOf(baseOf(board, tools))).toEqual({
      name: 'wall',
      width: '800',
      height: '600',
      room: '30',
      tools: [4],
    })
  })
  it('has no tool where none is chosen', () => {
    expect(chosenOf({ tools: '' })).toEqual([])
  })
  it('takes tools in and out, each once', () => {
    expect(choosing({ tools: '3 9' }, [9, 4], true)).toBe('3 9 4')
    expect(choosing({ tools: '3 9' }, [3, 4], false)).toBe('9')
  })
})
