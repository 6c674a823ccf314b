import { useId, useState } from 'react'
import { Button } from './Button'

/** What a keeper of passwords is to offer in a field. */
const KINDS = {
  name: { type: 'text', autoComplete: 'username' },
  password: { type: 'password', autoComplete: 'current-password' },
  'new password': { type: 'password', autoComplete: 'new-password' },
} as const

interface SignInFieldProps {
  kind: keyof typeof KINDS
  label: string
  hint?: string
  value: string
  onChange: (text: string) => void
  error?: string | undefined
}

/** A name or a password: typed, pasted, or filled in by whatever keeps it. */
export function SignInField({ kind, label, hint, value, onChange, error }: SignInFieldProps) {
  const id = useId()
  const [isShown, setShown] = useState(false)
  return (
    <div className="border-b border-rule py-1.5">
      <div className="flex items-baseline justify-between gap-3">
        <label htmlFor={id}>
          {label}
          {hint && <span className="block text-sm text-soft">{hint}</span>}
        </label>
        {kind !== 'name' && (
          <Button
            className="text-sm"
            aria-controls={id}
            aria-label={`${isShown ? 'Hide' : 'Show'}: ${label}`}
            onClick={() => setShown(!isShown)}
          >
            {isShown ? 'hide' : 'show'}
          </Button>
        )}
      </div>
      <input
        id={id}
        {...KINDS[kind]}
        {...(isShown && { type: 'text' })}
        value={value}
        autoCapitalize="none"
        spellCheck={false}
        aria-invalid={error !== undefined}
        aria-describedby={error ? `${id}-said` : undefined}
        onChange={(event) => onChange(event.target.value)}
        className={
          'w-full border-b-2 border-ink bg-transparent px-1 text-xl ' +
          'focus:border-blue focus:bg-blue-wash focus:outline-none'
        }
      />
      {error && (
        <p id={`${id}-said`} role="alert" className="mt-1 text-sm font-bold text-red">
          ✗ {error}
        </p>
      )}
    </div>
  )
}
