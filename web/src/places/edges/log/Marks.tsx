import type { Schemas } from '@/api/client'
import { Choice } from '@/parts/Choice'

interface MarksProps {
  side: Schemas['TrialRequest']['sides'][number]
  onChange: (typed: Partial<Schemas['TrialRequest']['sides'][number]>) => void
}

const ASKED = [
  { name: 'surface', label: 'Surface', words: ['rough', 'dull', 'fair', 'good', 'shines'] },
  { name: 'tearOut', label: 'Tear-out', words: ['none', 'a little', 'some', 'much', 'deep'] },
  { name: 'effort', label: 'Effort', words: ['by itself', 'light', 'fair', 'heavy', 'hard to push'] },
] as const

/** What one half of the board was like, as the record counts it: from 1 to 5. */
export function Marks({ side, onChange }: MarksProps) {
  return (
    <>
      {ASKED.map(({ name, label, words }) => (
        <Choice
          key={name}
          label={label}
          value={String(side[name])}
          options={words.map((word, index) => ({ value: String(index + 1), label: word }))}
          onChange={(mark) => onChange({ [name]: Number(mark) })}
        />
      ))}
    </>
  )
}
