import type { Schemas } from '../../../api/client'
import { ReadingField } from '../../../parts/ReadingField'
import { InstrumentChoice } from '../InstrumentChoice'
import type { ReferenceDraft } from './useReferenceDraft'

interface FiguresProps {
  page: Schemas['ReferencePage']
  preview: Schemas['ReferencePreview']
  draft: ReferenceDraft
}

/** What is read anew each time, and under it what rarely changes. */
export function Figures({ page, preview, draft }: FiguresProps) {
  const field = (one: Schemas['Field']) => (
    <ReadingField
      key={one.name}
      label={one.label}
      hint={one.hint}
      value={draft.sheet.figures[one.name] ?? ''}
      reading={preview.figures[one.name]}
      stepMm={one.step}
      onChange={(typed) => draft.change(one.name, typed)}
    />
  )
  const kept = page.fields.filter((one) => !one.isReading)
  return (
    <>
      {page.fields.filter((one) => one.isReading).map(field)}
      <details
        className="border-b border-rule py-1.5"
        open={kept.some((one) => preview.figures[one.name]?.error) || undefined}
      >
        <summary className="min-h-8 cursor-pointer text-soft">
          {kept.map((one) => one.label.toLowerCase()).join(', ')}, instrument
        </summary>
        {kept.map(field)}
        <InstrumentChoice
          instruments={page.instruments}
          value={draft.sheet.instrument}
          onChange={draft.changeInstrument}
        />
      </details>
    </>
  )
}
