interface RadiosProps {
  label: string
  hint?: string
  value: string
  options: readonly { value: string; label: string }[]
  onChange: (value: string) => void
}

/** One of two or three, all seen at once. */
export function Radios({ label, hint, value, options, onChange }: RadiosProps) {
  return (
    <fieldset className="flex flex-wrap items-baseline justify-between gap-x-3 border-b border-rule py-1.5">
      <legend className="float-left">
        {label}
        {hint && <span className="block text-sm text-soft">{hint}</span>}
      </legend>
      <span className="ml-auto flex flex-wrap gap-2">
        {options.map((option) => (
          <label
            key={option.value}
            className="cursor-pointer border border-rule px-2 py-0.5 has-checked:border-ink has-checked:bg-sheet has-checked:font-bold has-focus-visible:outline-3 has-focus-visible:outline-blue"
          >
            <input
              type="radio"
              name={label}
              className="sr-only"
              checked={option.value === value}
              onChange={() => onChange(option.value)}
            />
            {option.value === value && '✓ '}
            {option.label}
          </label>
        ))}
      </span>
    </fieldset>
  )
}
