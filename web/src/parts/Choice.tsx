import { useId } from 'react'

interface ChoiceProps<T extends string> {
  label: string
  hint?: string | undefined
  value: T
  options: readonly { value: T; label: string }[]
  onChange: (value: T) => void
}

/** One of a few, from a plain list. */
export function Choice<T extends string>({ label, hint, value, options, onChange }: ChoiceProps<T>) {
  const id = useId()
  return (
    <div className="flex items-baseline justify-between gap-3 border-b border-rule py-1.5">
      <label htmlFor={id}>
        {label}
        {hint && <span className="block text-sm text-soft">{hint}</span>}
      </label>
      <select
        id={id}
        value={value}
        onChange={(event) => onChange(event.target.value as T)}
        className="min-h-8 max-w-64 min-w-0 border border-rule bg-sheet px-1"
      >
        {options.map((option) => (
          <option key={option.value} value={option.value}>
            {option.label}
          </option>
        ))}
      </select>
    </div>
  )
}
