import type { Schemas } from '@/api/client'
import { Button } from '@/parts/Button'
import { ReadingField } from '@/parts/ReadingField'
import { FromInstrument } from '@/places/true/FromInstrument'
import type { TestDraft } from './useTestDraft'

interface RowsProps {
  /** The first holds the places, the others what is read there. */
  lists: readonly Schemas['ReadingList'][]
  preview: Schemas['TestPreview']
  draft: TestDraft
  /** What the instrument can tell apart. */
  stepMm: number
}

const FEWEST = 3

/** Readings side by side at places along an edge. */
export function Rows({ lists, preview, draft, stepMm }: RowsProps) {
  const typed = lists.map((list) => draft.lists[list.id] ?? list.begins)
  const readings = lists.map((list) => preview.lists.find(({ id }) => id === list.id)?.readings ?? [])
  const rows = Math.max(...typed.map((column) => column.length))
  const change = (column: number, now: readonly string[]) => {
    const list = lists[column]
    if (list) draft.changeList(list.id, now)
  }
  const resize = (length: number) =>
    draft.changeLists(
      Object.fromEntries(
        lists.map((list, column) => [
          list.id,
          Array.from({ length }, (_, row) => typed[column]?.[row] ?? ''),
        ]),
      ),
    )
  const places = readings[0]?.flatMap(({ value }) => (value === null ? [] : [value])) ?? []

  return (
    <div className="border-b border-rule py-1.5">
      <div className="flex justify-between text-sm text-soft">
        {lists.map((list) => (
          <span key={list.id}>{list.heading}</span>
        ))}
      </div>
      {Array.from({ length: rows }, (_, row) => (
        <div key={row} className="flex items-start justify-between gap-4 py-0.5">
          {lists.map((list, column) => (
            <ReadingField
              key={list.id}
              bare
              label={list.label.replace('#', String(row + 1))}
              value={typed[column]?.[row] ?? ''}
              reading={readings[column]?.[row]}
              stepMm={list.step ?? stepMm}
              onChange={(text) =>
                change(
                  column,
                  Array.from({ length: rows }, (_, at) => (at === row ? text : (typed[column]?.[at] ?? ''))),
                )
              }
            />
          ))}
        </div>
      ))}
      <p className="flex flex-wrap gap-x-5 text-sm">
        <FromInstrument
          says="Read them all"
          // None while one of the places is not understood.
          places={places.length === rows ? places : []}
          onRead={(read) =>
            change(
              1,
              Array.from({ length: rows }, (_, row) => read[row] ?? typed[1]?.[row] ?? ''),
            )
          }
        />
        {rows < (lists[0]?.most ?? rows) && <Button onClick={() => resize(rows + 1)}>one place more</Button>}
        {rows > FEWEST && <Button onClick={() => resize(rows - 1)}>one place fewer</Button>}
      </p>
    </div>
  )
}
