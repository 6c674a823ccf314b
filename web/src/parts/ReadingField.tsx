import clsx from 'clsx'
import { lazy, Suspense, useId } from 'react'
import type { Schemas } from '@/api/client'
import { useConnection } from '@/api/connection'
import { told } from './told'
import { useBigKeys } from './useBigKeys'
import { useStep } from './useStep'
import { differs } from './useUnderstood'

/** For phones alone. */
const BigKeys = lazy(async () => ({ default: (await import('./BigKeys')).BigKeys }))

/** What the application made of a field: of a reading as of any other figure. */
export type Understood = Pick<Schemas['Reading'], 'typed' | 'understood' | 'error' | 'doubt' | 'instead'>

interface ReadingFieldProps {
  label: string
  hint?: string | undefined
  value: string
  reading: Understood | undefined
  onChange: (typed: string) => void
  /** What an arrow key steps by, mm. */
  stepMm: number
  /** Shown while nothing is typed: what is then taken. */
  usual?: string | undefined
  /** Leave the label to another element: only the figure is shown. */
  bare?: boolean
  /** One of several in a row. */
  narrow?: boolean
}

/** A reading as an underlined figure; below it what was understood, asked or wrong. */
export function ReadingField({
  label,
  hint,
  value,
  reading,
  onChange,
  stepMm,
  usual = '–',
  bare = false,
  narrow = false,
}: ReadingFieldProps) {
  const id = useId()
  const step = useStep(stepMm, onChange)
  const keys = useBigKeys()
  const { lost } = useConnection()
  const isCurrent = reading?.typed === value
  // Until the answer to a key is here, what was said before stands: the column does not jump twice a key.
  const current = isCurrent || (value.trim() !== '' && !lost) ? reading : undefined
  const said = current?.error ?? current?.doubt

  return (
    <div className={clsx(!bare && 'border-b border-rule py-1.5')}>
      <div className={clsx('flex items-baseline gap-3', bare ? 'justify-end' : 'justify-between')}>
        <label htmlFor={id} className={bare ? 'sr-only' : undefined}>
          {label}
          {hint && <span className="block text-sm text-soft">{hint}</span>}
        </label>
        <span className="flex min-w-0 items-baseline justify-end gap-2">
          {!bare && !said && current?.understood && differs(current.typed) && (
            <span className="min-w-0 text-right text-xs text-soft">{told(current.understood)}</span>
          )}
          <input
            id={id}
            data-reading
            value={value}
            inputMode={keys.inputMode}
            placeholder={usual}
            autoComplete="off"
            spellCheck={false}
            aria-invalid={current?.error !== undefined && current.error !== null}
            aria-describedby={said ? `${id}-said` : undefined}
            onChange={(event) => onChange(event.target.value)}
            onFocus={(event) => {
              event.target.select()
              keys.onFocus(event.target)
            }}
            onBlur={keys.onBlur}
            onKeyDown={(event) => {
              if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
                event.preventDefault()
                step(value, event.key === 'ArrowUp' ? 1 : -1)
              }
            }}
            className={clsx(
              narrow ? 'w-16' : 'w-24',
              'shrink-0 border-b-2 bg-transparent px-1 text-right font-slab text-xl font-semibold',
              'placeholder:text-soft focus:border-blue focus:bg-blue-wash focus:outline-none',
              current?.error ? 'border-red' : 'border-ink',
            )}
          />
        </span>
      </div>
      {keys.onBig && (
        <button
          type="button"
          // The field keeps the focus.
          onPointerDown={(event) => event.preventDefault()}
          onClick={keys.onBig}
          className="min-h-8 text-sm text-soft underline underline-offset-4"
        >
          big keys
        </button>
      )}
      {keys.field && (
        <Suspense>
          <BigKeys field={keys.field} onType={onChange} onOwn={keys.onOwn} />
        </Suspense>
      )}
      {said && (
        <p
          id={`${id}-said`}
          role="status"
          className={clsx('mt-1 text-sm', current?.error ? 'font-bold text-red' : 'text-amber')}
        >
          {current?.error && '✗ '}
          {said}{' '}
          {isCurrent && current?.instead && (
            <button
              type="button"
              onClick={() => onChange(current.instead ?? value)}
              className="text-ink underline underline-offset-4"
            >
              Use {current.instead}
            </button>
          )}
        </p>
      )}
    </div>
  )
}

/** A plain figure needs no echo; a fraction, a comma or a unit word does. */
