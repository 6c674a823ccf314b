import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import { search } from '@/api/queries'
import { findable, SETTING } from './findable'
import { Panel } from './Panel'
import { pageOf } from './pages'

const kinds = {
  edge: 'Edge',
  stone: 'Stone',
  guide: 'Guide',
  reference: 'Reference',
  tool: 'Tool',
  'look-over': 'Look-over',
  'shadow-board': 'Shadow board',
  blank: 'Blank',
  making: 'Being made',
  work: 'Work',
  diary: 'Diary',
} as const

export function FindDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Panel title="Find" open={open} onClose={onClose}>
      <Find onClose={onClose} />
    </Panel>
  )
}

function Find({ onClose }: { onClose: () => void }) {
  const [words, setWords] = useState('')
  const { data } = useQuery(search(words))
  const navigate = useNavigate()
  const hits = words.trim() === '' ? [] : (data?.hits ?? [])
  const lines = [
    ...hits.map((hit) => ({ kind: kinds[hit.kind], says: hit.says, to: pageOf(hit) })),
    ...findable(words),
  ]
  const go = (place: string) => {
    onClose()
    if (place.startsWith(SETTING)) focusGroup(place.slice(SETTING.length))
    else void navigate(place)
  }

  return (
    <form
      onSubmit={(event) => {
        event.preventDefault()
        if (lines[0]) go(lines[0].to)
      }}
    >
      <input
        // Asked for by a key or a click on Find: typing is what follows.
        autoFocus
        aria-label="Words to find"
        value={words}
        onChange={(event) => setWords(event.target.value)}
        placeholder="chisel, square, honed…"
        className="w-full border-b-2 border-ink bg-transparent py-1 text-lg placeholder:text-soft"
      />
      <ul className="mt-3">
        {lines.map((line, index) => (
          <li key={`${line.to} ${index}`} className="border-b border-rule">
            <button
              type="button"
              onClick={() => go(line.to)}
              className="flex w-full gap-4 py-2 text-left hover:bg-wood"
            >
              <span className="w-20 shrink-0 text-sm text-soft">{line.kind}</span>
              <span>{line.says}</span>
            </button>
          </li>
        ))}
      </ul>
      {words.trim() !== '' && data && lines.length === 0 && (
        <p className="text-soft">Nothing here is called that.</p>
      )}
    </form>
  )
}

/** The settings stand at the top of every page; once the dialog has given the focus back, it goes there. */
function focusGroup(label: string): void {
  setTimeout(() => document.querySelector<HTMLElement>(`[aria-label='${label}'] button`)?.focus(), 50)
}
