import clsx from 'clsx'
import { useState } from 'react'
import type { Schemas } from '@/api/client'
import { ToolOutline } from '@/drawings/ToolOutline'

const BOX = 72

interface KindChooserProps {
  kinds: readonly Schemas['Kind'][]
  groups: readonly Schemas['ToolGroup'][]
  group: string
  onGroup: (group: string) => void
  chosen: string
  onChoose: (kind: string) => void
}

/** Which kind of tool: by group, or by a word. */
export function KindChooser({ kinds, groups, group, onGroup, chosen, onChoose }: KindChooserProps) {
  const [words, setWords] = useState('')
  const sought = words.trim().toLowerCase()
  const shown = kinds.filter((kind) =>
    sought ? `${kind.name} ${kind.says}`.toLowerCase().includes(sought) : kind.group === group,
  )

  return (
    <section aria-label="Kind of tool" className="border border-rule p-1">
      <div className="border border-ink bg-sheet p-3">
        <div className="flex flex-wrap gap-x-4 gap-y-1 border-b border-rule pb-2 text-sm">
          {groups.map((row) => (
            <button
              key={row.id}
              type="button"
              aria-pressed={!sought && row.id === group}
              onClick={() => {
                setWords('')
                onGroup(row.id)
              }}
              className={clsx(
                'min-h-8 underline-offset-4',
                !sought && row.id === group ? 'font-bold underline' : 'text-soft hover:text-ink',
              )}
            >
              {row.label}
            </button>
          ))}
          <input
            aria-label="Find a kind of tool"
            placeholder="or type: mortise…"
            value={words}
            onChange={(event) => setWords(event.target.value)}
            className="ml-auto min-h-8 w-40 border-b-2 border-ink bg-transparent px-1 placeholder:text-soft focus:border-blue focus:bg-blue-wash focus:outline-none"
          />
        </div>
        <ul className="mt-2 grid grid-cols-2 gap-1 sm:grid-cols-3 xl:grid-cols-4">
          {shown.map((kind) => (
            <li key={kind.id}>
              <KindButton kind={kind} chosen={kind.id === chosen} onChoose={onChoose} />
            </li>
          ))}
        </ul>
        {shown.length === 0 && <p className="py-4 text-soft">No kind of tool is called that here.</p>}
      </div>
    </section>
  )
}

interface KindButtonProps {
  kind: Schemas['Kind']
  chosen: boolean
  onChoose: (kind: string) => void
}

function KindButton({ kind, chosen, onChoose }: KindButtonProps) {
  const { outline } = kind
  const scale = Math.min((2 * BOX) / outline.widthMm, BOX / outline.heightMm, 0.5)
  return (
    <button
      type="button"
      aria-pressed={chosen}
      title={kind.says}
      onClick={() => onChoose(kind.id)}
      className={clsx(
        'flex h-full w-full flex-col justify-end gap-1 border-2 p-2 text-left text-sm leading-tight',
        chosen ? 'border-blue bg-blue-wash' : 'border-transparent hover:bg-wood',
      )}
    >
      <ToolOutline outline={outline} scale={scale} />
      {kind.name}
    </button>
  )
}
