import { Choice } from '@/parts/Choice'
import { PlainField } from '@/parts/PlainField'

const STATUSES = [
  { value: 'owned', label: 'I own it' },
  { value: 'wanted', label: 'I want it' },
] as const

/** How a tool that cuts is found; what is not known is put on the list of what wants a look. */
export const CONDITIONS = [
  { value: 'unknown', label: 'don’t know' },
  { value: 'works', label: 'works as it is' },
  { value: 'wants-honing', label: 'wants sharpening' },
  { value: 'wants-work', label: 'wants work' },
] as const

interface NamingProps {
  values: Readonly<Record<string, string>>
  onChange: (field: string, text: string) => void
  /** The name it gets when none is typed. */
  offered?: string
  /** Whether it has an edge or teeth. */
  asksCondition?: boolean
  /** How the price field is explained; null leaves the field out. */
  priceHint: string | null
  priceError: string | undefined
}

/** What is said of a tool that is not measured: whether it hangs here, its name and its price. */
export function Naming({
  values,
  onChange,
  offered = '',
  asksCondition = false,
  priceHint,
  priceError,
}: NamingProps) {
  return (
    <>
      <Choice
        label="Yours"
        value={values.status === 'wanted' ? 'wanted' : 'owned'}
        options={STATUSES}
        onChange={(status) => onChange('status', status)}
      />
      {asksCondition && values.status !== 'wanted' && (
        <Choice
          label="How is it?"
          value={values.condition ?? 'unknown'}
          options={CONDITIONS}
          onChange={(condition) => onChange('condition', condition)}
        />
      )}
      <PlainField
        label="Name"
        wide
        value={values.name ?? ''}
        placeholder={offered}
        onChange={(text) => onChange('name', text)}
      />
      {priceHint !== null && (
        <PlainField
          label="Price"
          before="€"
          quantity="money"
          hint={priceHint}
          value={values.price ?? ''}
          error={priceError}
          onChange={(text) => onChange('price', text)}
        />
      )}
    </>
  )
}
