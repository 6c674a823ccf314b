import { useQuery } from '@tanstack/react-query'
import clsx from 'clsx'
import { useState } from 'react'
import { Link } from 'react-router'
import type { Schemas } from '@/api/client'
import { pulse } from '@/api/queries'
import { Toggle } from '@/parts/Toggle'
import { usePreference } from '@/parts/usePreference'
import { FindDialog } from './FindDialog'
import { KeysDialog } from './KeysDialog'
import { RepeatDialog } from './RepeatDialog'
import { useKeys } from './useKeys'

const units = [
  { value: 'mm', label: 'mm' },
  { value: 'inch', label: 'inch' },
]
const grounds = [
  { value: 'system', label: 'auto' },
  { value: 'light', label: 'light' },
  { value: 'dark', label: 'dark' },
]

/** What every screen has at its top right: bench, ground, unit, find, keys. */
export function Tools() {
  const { data } = useQuery(pulse())
  const { mutate: choose } = usePreference()
  const [open, setOpen] = useState<'find' | 'keys' | 'repeat' | null>(null)
  useKeys({ '/': () => setOpen('find'), '?': () => setOpen('keys'), '.': () => setOpen('repeat') })

  return (
    <header
      className={clsx(
        'flex flex-wrap items-center justify-end gap-x-3 gap-y-1 pt-2 text-sm text-soft',
        'md:gap-x-5 md:pt-3',
      )}
    >
      <Link
        to="/benches"
        aria-label={`Benches: ${data?.bench ?? ''}`}
        className={clsx(
          'mr-auto min-h-8 max-w-32 truncate content-center font-slab font-semibold md:max-w-none',
          'text-ink underline decoration-rule underline-offset-4 hover:decoration-ink',
        )}
      >
        {data?.bench ?? ' '}
      </Link>
      {data?.person && (
        <Link to="/people" className="min-h-8 content-center underline decoration-rule underline-offset-4">
          {data.person}
          {!data.mayRecord && ' (reader)'}
        </Link>
      )}
      <div className="max-md:hidden">
        <Toggle
          label="Ground"
          options={grounds}
          value={data?.ground}
          onChoose={(ground) => choose({ ground } as Schemas['PreferencesRequest'])}
        />
      </div>
      <NextGround
        ground={data?.ground}
        onChoose={(ground) => choose({ ground } as Schemas['PreferencesRequest'])}
      />
      <Toggle
        label="Unit"
        options={units}
        value={data?.unit}
        onChoose={(unit) => choose({ unit } as Schemas['PreferencesRequest'])}
      />
      <ToolButton name="Find" letter="/" onClick={() => setOpen('find')} />
      <ToolButton className="max-md:hidden" name="Keys" letter="?" onClick={() => setOpen('keys')} />
      <FindDialog open={open === 'find'} onClose={() => setOpen(null)} />
      <RepeatDialog open={open === 'repeat'} onClose={() => setOpen(null)} />
      <KeysDialog open={open === 'keys'} onClose={() => setOpen(null)} />
    </header>
  )
}

/** On a phone the ground is one word, which changes at a tap: all that is used more often stands in its row. */
function NextGround({ ground, onChoose }: { ground: string | undefined; onChoose: (to: string) => void }) {
  const at = grounds.findIndex(({ value }) => value === ground)
  const next = grounds[(at + 1) % grounds.length]
  return (
    <button
      type="button"
      aria-label={`Ground: ${grounds[at]?.label ?? ''}`}
      onClick={() => next && onChoose(next.value)}
      className="min-h-8 px-1.5 font-bold text-ink underline underline-offset-4 md:hidden"
    >
      {grounds[at]?.label}
    </button>
  )
}

interface ToolButtonProps {
  name: string
  letter: string
  onClick: () => void
  className?: string
}

function ToolButton({ name, letter, onClick, className }: ToolButtonProps) {
  return (
    <button type="button" onClick={onClick} className={clsx('min-h-8 hover:text-ink', className)}>
      {name}{' '}
      <span className="max-md:hidden">
        <Kbd>{letter}</Kbd>
      </span>
    </button>
  )
}

export function Kbd({ children }: { children: string }) {
  return (
    <kbd className="border border-rule bg-sheet px-1.5 py-0.5 font-sans text-xs text-ink">{children}</kbd>
  )
}
