import type { Schemas } from '@/api/client'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { OneOf } from '@/parts/OneOf'
import { readingOf } from '@/parts/readingOf'
import { Readings } from '@/parts/Readings'
import type { Typed } from './sawForm'
import { told } from '@/parts/told'

interface SawFieldsProps {
  page: Schemas['SawPage']
  values: Typed
  preview: Schemas['SawPreview'] | undefined
  onChange: (field: string, text: string) => void
  onRecord: (() => void) | null
}

/** What a saw is for and how it is found, its numbers, and what can be counted and measured to check them. */
export function SawFields({ page, values, preview, onChange, onRecord }: SawFieldsProps) {
  const reading = readingOf(values, preview?.figures, onChange)
  const suggestion = preview?.suggestion
  return (
    <Readings onRecord={onRecord}>
      <Choice
        label="It cuts"
        value={values.use ?? ''}
        options={page.uses}
        onChange={(use) => onChange('use', use)}
      />
      <Choice
        label="Its teeth are"
        value={values.state ?? ''}
        options={page.states}
        onChange={(state) => onChange('state', state)}
      />
      {reading(
        'tpi',
        'Teeth per inch',
        page.school ? `your school: ${page.school}; or points: 16 ppi` : 'or points: 16 ppi',
        1,
      )}
      {reading('rake', 'Rake', 'how far the front leans back, degrees', 1)}
      {reading('fleam', 'Fleam', 'how far the file is turned, degrees', 1)}
      {reading('set', 'Set a side', undefined, 0.01)}
      {suggestion && !suggestion.isMet && (
        <p className="border-b border-rule py-1.5 text-sm text-soft">
          {told(suggestion.says)}{' '}
          <Button
            onClick={() => {
              onChange('rake', suggestion.rake)
              onChange('fleam', suggestion.fleam)
              if (suggestion.set !== null) onChange('set', suggestion.set)
            }}
          >
            Use these
          </Button>
        </p>
      )}
      <details className="border-b border-rule py-1.5">
        <summary className="min-h-8 cursor-pointer text-soft">Plate, and what checks the numbers</summary>
        {reading('length', 'Toothed edge', 'its length', 1)}
        {reading('plate', 'Plate', 'its thickness', 0.01)}
        {reading('depth', 'Plate under the back', 'what is left of it', 1)}
        {reading('slope', 'Slope', 'how far the handle of the file is lowered, degrees', 1)}
        {reading('tips', 'Tips counted', 'both ends counted', 1)}
        {reading('over', 'over a length of', undefined, 1)}
        {reading('across', 'Across the set teeth', 'the caliper over several', 0.01)}
        <OneOf
          label="hardened teeth"
          words={['yes', 'no']}
          value={values.hardened ?? 'no'}
          onChange={(text) => onChange('hardened', text)}
        />
      </details>
    </Readings>
  )
}
