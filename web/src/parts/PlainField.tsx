import clsx from 'clsx'
import { memo, useId } from 'react'
import { differs, type Quantity, useUnderstood } from './useUnderstood'

interface PlainFieldProps {
  label: string
  hint?: string | undefined
  value: string
  onChange: (text: string) => void
  placeholder?: string
  error?: string | undefined
  doubt?: string | undefined
  /** Wide for words, narrow for a sum or a day. */
  wide?: boolean
  type?: 'text' | 'date'
  before?: string
  /** What it is read as, so that it says what it understood; left out for words and days. */
  quantity?: Quantity
}

/** A field for words, a sum of money or a day: underlined like a reading; it says what it understood. */
export const PlainField = memo(function PlainField({
  label,
  hint,
  value,
  onChange,
  placeholder,
  error,
  doubt,
  wide = false,
  type = 'text',
  before,
  quantity,
}: PlainFieldProps) {
  const id = useId()
  const reading = useUnderstood(quantity, value)
  const wrong = error ?? reading?.error ?? undefined
  const doubtful = doubt ?? reading?.doubt ?? undefined
  return (
    <div className="border-b border-rule py-1.5">
      <div className="flex items-baseline justify-between gap-3">
        <label htmlFor={id} className={wide ? 'shrink-0' : 'min-w-0'}>
          {label}
          {hint && <span className="block max-w-52 text-sm text-soft">{hint}</span>}
        </label>
        <span className={clsx('flex items-baseline gap-1', wide ? 'min-w-0 grow' : 'shrink-0')}>
          {!wrong && !doubtful && reading?.understood && differs(value) && (
            <span className="mr-2 text-xs text-soft">{reading.understood}</span>
          )}
          {before && <span aria-hidden>{before}</span>}
          <input
            id={id}
            type={type}
            value={value}
            autoComplete="off"
            placeholder={placeholder}
            aria-invalid={wrong !== undefined}
            aria-describedby={(wrong ?? doubtful) ? `${id}-said` : undefined}
            onChange={(event) => onChange(event.target.value)}
            className={clsx(
              'border-b-2 bg-transparent px-1 font-slab text-lg font-semibold placeholder:text-soft',
              'focus:border-blue focus:bg-blue-wash focus:outline-none',
              wide ? 'w-full' : type === 'date' ? 'w-40 text-right' : 'w-28 text-right',
              wrong ? 'border-red' : 'border-ink',
            )}
          />
        </span>
      </div>
      {!wrong && doubtful && (
        <p id={`${id}-said`} role="status" className="mt-1 text-sm text-amber">
          {doubtful}
        </p>
      )}
      {wrong && (
        <p id={`${id}-said`} role="alert" className="mt-1 text-sm font-bold text-red">
          ✗ {wrong}
        </p>
      )}
    </div>
  )
})
