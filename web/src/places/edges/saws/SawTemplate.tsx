import type { Schemas } from '@/api/client'
import { OneOf } from '@/parts/OneOf'
import { readingOf } from '@/parts/readingOf'
import { templateOf, type Typed } from './sawForm'

interface SawTemplateProps {
  saw: number
  values: Typed
  preview: Schemas['SawPreview'] | undefined
  onChange: (field: string, text: string) => void
}

/** The strip to file new teeth by, at true size, for the pitch that is typed. */
export function SawTemplate({ saw, values, preview, onChange }: SawTemplateProps) {
  const reading = readingOf(values, preview?.figures, onChange)
  return (
    <section className="mt-6">
      <h2 className="mb-1 text-lg">A template for new teeth</h2>
      <p className="text-soft">
        A line at every tip, all along the toothed edge. Joint the old teeth away, fold the strip over the
        edge, nick every line.
      </p>
      <details className="border-b border-rule py-1.5">
        <summary className="min-h-8 cursor-pointer text-soft">Other teeth at the toe</summary>
        <div className="max-w-md">
          {reading('toeRake', 'Rake at the toe, degrees', 'relaxed teeth start a cut', 1)}
          {reading('toe', 'Teeth per inch at the toe', undefined, 1)}
          {reading('toeLength', 'over a length of', undefined, 1)}
          <OneOf
            label="growing tooth by tooth"
            words={['yes', 'no']}
            value={values.graded ?? 'no'}
            onChange={(text) => onChange('graded', text)}
          />
        </div>
      </details>
      {preview?.template ? (
        <p className="mt-2 flex flex-wrap gap-x-5">
          <a
            href={templateOf(saw, values, 'sheets.pdf')}
            className="min-h-8 font-bold underline underline-offset-4"
          >
            Print it: PDF
          </a>
          <a href={templateOf(saw, values, 'whole.svg')} className="min-h-8 underline underline-offset-4">
            In one strip: SVG
          </a>
          <span className="text-soft">{preview.template} Print at 100 %.</span>
        </p>
      ) : (
        <p className="mt-2 text-soft">It can be printed from here once its figures are right.</p>
      )}
    </section>
  )
}
