import type { Schemas } from '@/api/client'
import { told } from '@/parts/told'

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
    <div className="mt-5" aria-labelledby="good-enough" role="radiogroup">
      <h2 id="good-enough" className="mb-1 text-lg">
        Good enough for this job?
      </h2>
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
          <span className={option.stopUm === stopUm ? 'font-bold' : undefined}>{told(option.says)}</span>
        </label>
      ))}
    </div>
  )
}
