import type { Schemas, ReadingsByName } from '@/api/client'
import { OneOf } from '@/parts/OneOf'
import { ReadingField } from '@/parts/ReadingField'

interface ToolFiguresProps {
  dimensions: readonly Schemas['Dimension'][]
  values: Readonly<Record<string, string>>
  figures: ReadingsByName | undefined
  onChange: (name: string, text: string) => void
}

/** Dimensions that are words, not figures. */
const WORDS: Partial<Record<Schemas['Dimension']['unit'], readonly string[]>> = {
  'yes-no': ['yes', 'no'],
  teeth: ['rip', 'cross', 'both'],
}

/** The dimensions of a tool, each a reading that may be left as usual. */
export function ToolFigures({ dimensions, values, figures, onChange }: ToolFiguresProps) {
  return dimensions.map((dimension) =>
    WORDS[dimension.unit] ? (
      <OneOf
        key={dimension.name}
        label={dimension.label}
        words={WORDS[dimension.unit] ?? []}
        value={values[dimension.name] || dimension.usual}
        onChange={(text) => onChange(dimension.name, text)}
      />
    ) : (
      <ReadingField
        key={dimension.name}
        label={dimension.label}
        hint={dimension.unit === 'teeth-per-inch' ? 'or points: 16 ppi' : undefined}
        value={values[dimension.name] ?? ''}
        usual={dimension.usual}
        reading={figures?.[dimension.name]}
        stepMm={dimension.stepMm}
        onChange={(text) => onChange(dimension.name, text)}
      />
    ),
  )
}
