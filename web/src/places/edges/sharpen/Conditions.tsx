import type { Schemas } from '@/api/client'
import { SignDrawing } from '@/drawings/signs/SignDrawing'

interface ConditionsProps {
  conditions: readonly Schemas['Condition'][]
  value: string
  onChange: (value: string) => void
}

const UNKNOWN_SIGN =
  'Hold the edge against a light, then try it on end grain: the first that fits is what it wants.'

const SHARP = {
  value: 'sharp',
  label: 'Sharp',
  sign: 'Nothing shows along the edge; it cuts end grain clean.',
}

/** What is wrong with the edge, said by its looks; a small drawing shows what to look for. */
export function Conditions({ conditions, value, onChange }: ConditionsProps) {
  const options = [...conditions, SHARP]
  const chosen = options.find((option) => option.value === value)
  return (
    <fieldset className="mb-4">
      <legend className="mb-1 font-slab text-lg font-semibold">
        {value === 'unknown' ? 'What do you see?' : 'What is wrong with it?'}
      </legend>
      <div className="flex flex-wrap gap-2">
        {options.map((option) => (
          <label
            key={option.value}
            className="cursor-pointer border border-rule has-checked:border-ink has-checked:bg-sheet has-checked:font-bold has-focus-visible:outline-3 has-focus-visible:outline-blue"
          >
            <input
              type="radio"
              name="condition"
              className="sr-only"
              value={option.value}
              checked={option.value === value}
              onChange={() => onChange(option.value)}
            />
            <span className="block px-3 py-1.5">
              {option.value === value && '✓ '}
              {option.label}
            </span>
          </label>
        ))}
      </div>
      <div className="mt-2 flex items-center gap-3">
        <SignDrawing sign={value} />
        <p className="min-h-5 text-sm text-soft">{chosen?.sign ?? UNKNOWN_SIGN}</p>
      </div>
    </fieldset>
  )
}
