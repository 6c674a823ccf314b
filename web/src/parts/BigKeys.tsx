import clsx from 'clsx'
import { useEffect } from 'react'

interface BigKeysProps {
  /** The figure's field, which keeps the focus. */
  field: HTMLInputElement
  onType: (typed: string) => void
  /** The phone's own keyboard instead: for words, and to say a figure. */
  onOwn: () => void
}

const ROWS = [
  ['mm', 'in', 'thou', 'abc'],
  ['7', '8', '9', '⌫'],
  ['4', '5', '6', '−'],
  ['1', '2', '3', '/'],
  ['.', '0', 'space', 'next'],
]
const NAMES: Readonly<Record<string, string>> = {
  '⌫': 'Take the last one back',
  '−': 'minus',
  '/': 'stroke of a fraction',
  '.': 'point',
  abc: 'The phone’s own keyboard',
  next: 'Next reading',
}
const WORDS = ['mm', 'in', 'thou']

/** Keys for a wet thumb, where a phone's own would be small: figures, fractions, units. */
export function BigKeys({ field, onType, onOwn }: BigKeysProps) {
  useEffect(() => {
    // The last field of a page must be able to come out from under them.
    document.body.style.paddingBottom = '19rem'
    field.scrollIntoView({ block: 'center' })
    return () => {
      document.body.style.paddingBottom = ''
    }
  }, [field])
  const press = (key: string) => {
    if (key === 'abc') onOwn()
    else if (key === 'next') next(field)
    else type(field, key, onType)
  }
  return (
    <div
      role="group"
      aria-label="Keys for figures"
      className="fixed inset-x-0 bottom-0 z-20 grid grid-cols-4 gap-1 border-t-2 border-ink bg-rail p-1 print:hidden"
    >
      {ROWS.flat().map((key) => (
        <button
          key={key}
          type="button"
          tabIndex={-1}
          aria-label={NAMES[key]}
          // The field keeps the focus, and so the place in it.
          onPointerDown={(event) => event.preventDefault()}
          onClick={() => press(key)}
          className={clsx(
            'min-h-13 border border-rule font-slab text-2xl font-semibold',
            key === 'next' ? 'bg-ink text-on-ink' : 'bg-sheet text-ink',
            key.length > 1 && 'text-lg',
          )}
        >
          {key}
        </button>
      ))}
    </div>
  )
}

/** What a key puts in the place of what is selected. */
function type(field: HTMLInputElement, key: string, onType: (typed: string) => void): void {
  const from = field.selectionStart ?? field.value.length
  const to = field.selectionEnd ?? from
  const isBack = key === '⌫'
  const text = isBack ? '' : key === '−' ? '-' : key === 'space' ? ' ' : WORDS.includes(key) ? ` ${key}` : key
  const start = isBack && from === to ? Math.max(0, from - 1) : from
  onType(field.value.slice(0, start) + text + field.value.slice(to))
  const place = start + text.length
  requestAnimationFrame(() => field.setSelectionRange(place, place))
}

/** The reading after this one; after the last the keys go. */
function next(field: HTMLInputElement): void {
  const fields = [...document.querySelectorAll<HTMLInputElement>('input[data-reading]')]
  const after = fields[fields.indexOf(field) + 1]
  if (after) after.focus()
  else field.blur()
}
