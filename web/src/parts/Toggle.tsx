import { ToggleGroup } from 'radix-ui'

interface ToggleProps {
  label: string
  options: readonly { value: string; label: string }[]
  value: string | undefined
  onChoose: (value: string) => void
}

/** One of a few words in a row; the one that holds is bold and underlined. */
export function Toggle({ label, options, value, onChoose }: ToggleProps) {
  return (
    <ToggleGroup.Root
      type="single"
      aria-label={label}
      value={value ?? ''}
      onValueChange={(chosen) => chosen && onChoose(chosen)}
      className="flex"
    >
      {options.map((option) => (
        <ToggleGroup.Item
          key={option.value}
          value={option.value}
          className="min-h-8 px-1.5 text-soft underline-offset-4 data-[state=on]:font-bold data-[state=on]:text-ink data-[state=on]:underline"
        >
          {option.label}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  )
}
