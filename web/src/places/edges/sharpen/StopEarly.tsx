import type { Schemas } from '../../../api/client'

interface StopEarlyProps {
  earlier: readonly Schemas['Earlier'][]
  stopUm: string
  onChange: (stopUm: string) => void
}

/** Good enough: stop at a coarser stone for this job, and what that saves. */
export function StopEarly({ earlier, stopUm, onChange }: StopEarlyProps) {
  if (earlier.length === 0 && stopUm === '') return null
  const options = [{ stopUm: '', says: 'Right through' }, ...earlier]
  return (
    <fieldset className="mt-5 border-t border-rule pt-2">
      <legend className="float-left mb-1 w-full font-slab text-lg font-semibold">Good enough?</legend>
      {options.map((option) => (
        <label
          key={option.stopUm}
          className="flex cursor-pointer items-baseline gap-3 border-t border-rule py-1.5"
        >
          <input
            type="radio"
            name="stop"
            className="accent-ink"
            checked={option.stopUm === stopUm}
            onChange={() => onChange(option.stopUm)}
          />
          <span className={option.stopUm === stopUm ? 'font-bold' : undefined}>{option.says}</span>
        </label>
      ))}
    </fieldset>
  )
}
