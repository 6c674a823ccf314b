import type { Schemas } from '@/api/client'
import { Choice } from '@/parts/Choice'
import { Radios } from '@/parts/Radios'
import { ReadingField } from '@/parts/ReadingField'
import { InstrumentChoice } from '@/places/true/InstrumentChoice'
import { Repeats } from './Repeats'
import { Rows } from './Rows'
import type { TestDraft } from './useTestDraft'

interface TestReadingsProps {
  page: Schemas['ReferencePage']
  preview: Schemas['TestPreview']
  draft: TestDraft
}

const SIDE_BY_SIDE = 2

/** So many are named of what stands folded. */
const NAMED = 3

/** What a test asks, in its own order; what rarely changes stands folded below. */
export function TestReadings({ page, preview, draft }: TestReadingsProps) {
  const asked = page.asks.filter((one) => isAsked(one, draft.sent.choices))
  const first = asked.filter((one) => !isAside(one))
  const aside = asked.filter(isAside)
  const lists = asked.flatMap(({ list }) => list ?? [])
  const step = page.instruments.find(({ value }) => value === draft.sent.instrument)?.resolutionMm ?? 0.05

  const one = ({ field, choice, list }: Schemas['Asked']) => {
    if (field) return <Figure key={field.name} field={field} preview={preview} draft={draft} />
    if (choice) return <Chosen key={choice.name} choice={choice} draft={draft} />
    if (!list) return null
    if (lists.length < SIDE_BY_SIDE)
      return <Repeats key={list.id} list={list} preview={preview} draft={draft} stepMm={step} />
    return list === lists[0] ? (
      <Rows key={list.id} lists={lists} preview={preview} draft={draft} stepMm={step} />
    ) : null
  }

  return (
    <>
      {first.map(one)}
      <details className="border-b border-rule py-1.5" open={isWrong(aside, preview) || undefined}>
        <summary className="min-h-8 cursor-pointer text-soft">{summed(aside)}</summary>
        <InstrumentChoice
          instruments={page.instruments}
          value={draft.sent.instrument}
          onChange={draft.chooseInstrument}
        />
        {aside.map(one)}
      </details>
    </>
  )
}

interface FigureProps {
  field: Schemas['Field']
  preview: Schemas['TestPreview']
  draft: TestDraft
}

function Figure({ field, preview, draft }: FigureProps) {
  return (
    <ReadingField
      label={field.label}
      hint={field.hint}
      value={draft.sent.figures[field.name] ?? ''}
      reading={preview.readings[field.name]}
      stepMm={field.step}
      onChange={(typed) => draft.change(field.name, typed)}
    />
  )
}

/** Short answers are seen at once, long ones picked from a list. */
function Chosen({ choice, draft }: { choice: Schemas['TestChoice']; draft: TestDraft }) {
  const length = choice.options.reduce((sum, { label }) => sum + label.length, 0)
  const Picker = length <= 30 ? Radios : Choice
  return (
    <Picker
      label={choice.label}
      hint={choice.hint}
      value={draft.sent.choices[choice.name] ?? choice.chosen}
      options={choice.options}
      onChange={(value) => draft.choose(choice.name, value)}
    />
  )
}

function isAsked({ field, choice }: Schemas['Asked'], chosen: Record<string, string>): boolean {
  const when = field?.when ?? choice?.when
  return !when || chosen[when.choice] === when.is
}

const isAside = ({ field, choice }: Schemas['Asked']): boolean => field?.isAside ?? choice?.isAside ?? false

const labelOf = ({ field, choice }: Schemas['Asked']): string => field?.label ?? choice?.label ?? ''

function summed(aside: readonly Schemas['Asked'][]): string {
  const [first = 'Instrument', ...others] = aside.map(labelOf)
  const named = [first, ...others.slice(0, NAMED - 1).map((label) => label.toLowerCase())].join(', ')
  return aside.length === 0 ? first : `${named}${aside.length < NAMED ? ', instrument' : ' …'}`
}

const isWrong = (aside: readonly Schemas['Asked'][], preview: Schemas['TestPreview']): boolean =>
  aside.some(({ field }) => field && preview.readings[field.name]?.error)
