interface EnlargementProps {
  says: string
  value: number
  choices: readonly number[]
  onChange: (value: number) => void
}

/** The stated factor by which small things are drawn larger. */
export function Enlargement({ says, value, choices, onChange }: EnlargementProps) {
  return (
    <label className="flex items-center gap-2 text-sm">
      <span className="text-soft">{says}</span>
      <select
        value={value}
        onChange={(event) => onChange(Number(event.target.value))}
        className="min-h-8 border border-rule bg-sheet px-1"
      >
        {choices.map((choice) => (
          <option key={choice} value={choice}>
            ×{choice}
          </option>
        ))}
      </select>
    </label>
  )
}
