import type { Schemas, ReadingsByName } from '@/api/client'
import { Choice } from '@/parts/Choice'
import { OneOf } from '@/parts/OneOf'
import { PlainField } from '@/parts/PlainField'
import { ReadingField } from '@/parts/ReadingField'
import { Readings } from '@/parts/Readings'
import type { useTyped } from '@/parts/useTyped'

interface GeometryFieldsProps {
  page: Schemas['GeometryPage']
  draft: ReturnType<typeof useTyped>
  figures: ReadingsByName | undefined
  onRecord: (() => void) | null
}

// How the fold calls what is in it.
const SHORT: Readonly<Record<string, string>> = {
  width: 'width',
  shim: 'back bevel',
  reach: 'its reach',
  skew: 'skew',
  wheel: 'wheel',
  honedOff: 'honed off',
  relief: 'curve',
  nick: 'nick',
  left: 'blade left',
}

// These are read first; the rest stands below, closed until it is wanted.
const FIRST = ['bevelLength', 'thickness', 'honed', 'microWidth', 'bed']

/** The readings of an edge's geometry: the few that give its angle first, the others under a fold. */
export function GeometryFields({ page, draft, figures, onRecord }: GeometryFieldsProps) {
  const first = page.fields.filter((field) => FIRST.includes(field.name))
  const others = page.fields.filter((field) => !FIRST.includes(field.name))
  const field = (row: Schemas['Field']) => (
    <ReadingField
      key={row.name}
      label={row.label}
      hint={row.hint || undefined}
      value={draft.values[row.name] ?? ''}
      usual={row.usual}
      reading={figures?.[row.name]}
      stepMm={row.step}
      onChange={(text) => draft.change(row.name, text)}
    />
  )
  return (
    <Readings onRecord={onRecord}>
      {first.map(field)}
      {page.hasBed && (
        <OneOf
          label="Bevel in the plane"
          words={['down', 'up']}
          value={draft.values.bevelUp ?? 'down'}
          onChange={(word) => draft.change('bevelUp', word)}
        />
      )}
      <details className="border-b border-rule py-1.5" open={others.some((row) => draft.values[row.name])}>
        <summary className="min-h-8 cursor-pointer text-soft">
          More: {others.map((row) => SHORT[row.name] ?? row.label.toLowerCase()).join(', ')}, steel, its work
        </summary>
        {others.map(field)}
        <Choice
          label="Steel"
          value={draft.values.steel ?? page.steel}
          options={page.steels}
          onChange={(text) => draft.change('steel', text)}
        />
        <Choice
          label="Its work"
          hint={page.duties.find((row) => row.value === draft.values.duty)?.finish ?? ''}
          value={draft.values.duty ?? page.duty}
          options={page.duties}
          onChange={(text) => draft.change('duty', text)}
        />
        <PlainField
          wide
          label="Called"
          value={draft.values.name ?? ''}
          onChange={(text) => draft.change('name', text)}
        />
      </details>
    </Readings>
  )
}
