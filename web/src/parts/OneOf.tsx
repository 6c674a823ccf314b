import { ToggleGroup } from 'radix-ui'

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
      <ToggleGroup.Root
        type="single"
        aria-label={label}
        value={value}
        onValueChange={(chosen) => chosen && onChange(chosen)}
      >
        {words.map((word) => (
          <ToggleGroup.Item
            key={word}
            value={word}
            className="min-h-8 px-2 text-soft underline-offset-4 data-[state=on]:font-bold data-[state=on]:text-ink data-[state=on]:underline"
          >
            {word}
          </ToggleGroup.Item>
        ))}
      </ToggleGroup.Root>
    </div>
  )
}
