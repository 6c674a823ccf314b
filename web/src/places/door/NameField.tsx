import { useId } from 'react'

interface NameFieldProps {
  value: string
  onChange: (text: string) => void
  error?: string | undefined
}

/** The name somebody signs in with. */
export function NameField({ value, onChange, error }: NameFieldProps) {
  const id = useId()
  return (
    <div className="border-b border-rule py-1.5">
      <label htmlFor={id}>Name</label>
      <input
        id={id}
        value={value}
        autoComplete="username"
        autoCapitalize="none"
        spellCheck={false}
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
