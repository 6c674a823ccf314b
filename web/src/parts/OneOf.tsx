import { Toggle } from './Toggle'

interface OneOfProps {
  label: string
  words: readonly string[]
  value: string
  onChange: (word: string) => void
}

/** One of two or three words, in a row of readings. */
export function OneOf({ label, words, value, onChange }: OneOfProps) {
  return (
    <div className="flex items-baseline justify-between border-b border-rule py-1.5">
      <span>{label}</span>
      <span className="hidden print:inline">{value}</span>
      <Toggle
        label={label}
        options={words.map((word) => ({ value: word, label: word }))}
        value={value}
        onChoose={onChange}
      />
    </div>
  )
}
