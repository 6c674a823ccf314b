import type { Schemas } from '@/api/client'

export type Typed = Readonly<Record<string, string>>

/** Fields that are lengths: they keep the unit they were typed in. */
export const LENGTHS = ['width', 'height', 'room']

/** The fields of a board as it is kept; of a new one, with every tool that usually hangs. */
export function baseOf(
  board: Schemas['ShadowBoard'] | null,
  tools: readonly Schemas['ToolToHang'][],
): Record<string, string> {
  if (board) {
    const { name, width, height, room } = board
    return { name, width, height, room, tools: board.tools.join(' ') }
  }
  const usual = tools.filter((tool) => tool.isUsual).map((tool) => tool.id)
  return { name: '', width: '1200 mm', height: '900 mm', room: '25 mm', tools: usual.join(' ') }
}

/** What is typed as the application takes it. */
export function sentOf(values: Typed): Schemas['ShadowBoardFormRequest'] {
  const { name = '', width = '', height = '', room = '' } = values
  return { name, width, height, room, tools: chosenOf(values) }
}

/** The tools that are chosen, by number. */
export const chosenOf = (values: Typed): number[] =>
  (values.tools ?? '').split(' ').filter(Boolean).map(Number)

/** The choice with some tools put in or taken out. */
export function choosing(values: Typed, ids: readonly number[], isIn: boolean): string {
  const now = new Set(chosenOf(values))
  for (const id of ids) {
    if (isIn) now.add(id)
    else now.delete(id)
  }
  return [...now].join(' ')
}
