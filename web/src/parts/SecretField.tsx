import { useId } from 'react'

interface SecretFieldProps {
  label: string
  hint?: string
  value: string
  onChange: (text: string) => void
  error?: string | undefined
  /** Whether a keeper of passwords may offer one that it knows, or a new one. */
  isNew?: boolean
}

/** A password: not shown, and typed in or pasted by whatever keeps it. */
export function SecretField({ label, hint, value, onChange, error, isNew = false }: SecretFieldProps) {
  const id = useId()
  return (
    <div className="border-b border-rule py-1.5">
      <label htmlFor={id}>
        {label}
        {hint && <span className="block text-sm text-soft">{hint}</span>}
      </label>
      <input
        id={id}
        type="password"
        value={value}
        autoComplete={isNew ? 'new-password' : 'current-password'}
        aria-invalid={error !== undefined}
        aria-describedby={error ? `${id}-said` : undefined}
        onChange={(event) => onChange(event.target.value)}
        className="w-full border-b-2 border-ink bg-transparent px-1 text-xl focus:border-blue focus:bg-blue-wash focus:outline-none"
      />
      {error && (
        <p id={`${id}-said`} role="alert" className="mt-1 text-sm font-bold text-red">
          ✗ {error}
        </p>
      )}
    </div>
  )
}
