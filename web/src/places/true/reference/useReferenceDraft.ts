import { useMemo } from 'react'
import type { Schemas } from '../../../api/client'
import { useDraft } from '../../../parts/useDraft'
import { useTyped } from '../../../parts/useTyped'

type Gaps = Record<string, readonly string[]>

/** What has been typed of a reference's test and is not written down yet: its figures, and the gaps of every line. */
export function useReferenceDraft(page: Schemas['ReferencePage'], unit: string) {
  const { fields } = page
  const base = useMemo(() => Object.fromEntries(fields.map((field) => [field.name, field.typed])), [fields])
  const lengths = useMemo(() => fields.filter((field) => field.isLength).map((field) => field.name), [fields])
  const name = `reference ${page.id}`
  const figures = useTyped(name, base, unit, page.version, lengths)
  const gaps = useDraft<Gaps>(`${name} gaps`, {}, unit, page.version)
  const choice = useDraft<{ instrument: string }>(
    `${name} instrument`,
    { instrument: page.instrument },
    '',
    page.version,
  )
  const sheet: Schemas['ReferenceSheet'] = {
    figures: Object.fromEntries(fields.map((field) => [field.name, figures.values[field.name] ?? ''])),
    lines: Object.entries(gaps.values).map(([id, typed]) => ({ id, gaps: [...typed] })),
    instrument: choice.values.instrument,
  }
  const readings = fields.filter((field) => field.isReading)

  return {
    sheet,
    gaps: gaps.values,
    begun:
      sheet.lines.length > 0 || readings.some((field) => (sheet.figures[field.name] ?? '').trim() !== ''),
    version: Math.min(figures.version, gaps.version),
    overtaken: figures.overtaken || gaps.overtaken,
    change: figures.change,
    changeGaps: (line: string, typed: readonly string[]) => gaps.change({ [line]: typed }),
    changeInstrument: (instrument: string) => choice.change({ instrument }),
    clear: () => {
      figures.clear()
      gaps.clear()
      choice.clear()
    },
    keep: () => {
      figures.keep()
      gaps.keep()
      choice.keep()
    },
  }
}

export type ReferenceDraft = ReturnType<typeof useReferenceDraft>
