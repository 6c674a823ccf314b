import type { Schemas } from '@/api/client'
import { Choice } from '@/parts/Choice'
import { usePreference } from '@/parts/usePreference'

interface InstrumentChoiceProps {
  instruments: readonly Schemas['Instrument'][]
  value: string
  onChange: (instrument: string) => void
}

/** What a gap is read with; the one chosen last stands there the next time, on every page. */
export function InstrumentChoice({ instruments, value, onChange }: InstrumentChoiceProps) {
  const prefer = usePreference()
  return (
    <Choice
      label="Gap read with"
      value={value}
      options={instruments.map((one) => ({
        value: one.value,
        label: `${one.label}, to ${one.resolution}${one.isOwn ? ', by your own eye' : ''}`,
      }))}
      onChange={(instrument) => {
        onChange(instrument)
        prefer.mutate({ instrument })
      }}
    />
  )
}
