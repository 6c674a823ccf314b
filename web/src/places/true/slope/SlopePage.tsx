import { useQuery } from '@tanstack/react-query'
import type { Schemas } from '../../../api/client'
import { pulse, slopePreview } from '../../../api/queries'
import { SlopeDrawing } from '../../../drawings/SlopeDrawing'
import { Board } from '../../../parts/Board'
import { Heading } from '../../../parts/Heading'
import { How } from '../../../parts/How'
import { NextStroke } from '../../../parts/NextStroke'
import { Waiting } from '../../../parts/Notice'
import { ReadingField } from '../../../parts/ReadingField'
import { Readings } from '../../../parts/Readings'
import { Sheet } from '../../../parts/Sheet'
import { useLastGood } from '../../../parts/useLastGood'
import { useTyped } from '../../../parts/useTyped'

type Field = keyof Schemas['SlopeSheet']

const FIELDS: readonly { name: Field; label: string; hint?: string; stepMm: number }[] = [
  { name: 'nominal', label: 'Slope it should have', hint: '1 in so many, such as 7', stepMm: 1 },
  { name: 'run', label: 'Length of the line', hint: 'square across the edge', stepMm: 1 },
  { name: 'rise', label: 'It leans by', hint: 'over that length', stepMm: 0.1 },
  { name: 'turned', label: 'Turned over, it leans by', hint: 'the other way round', stepMm: 0.1 },
  { name: 'thickness', label: 'Thickness of the board', stepMm: 0.5 },
  { name: 'joints', label: 'Tails in a row', stepMm: 1 },
  { name: 'tolerance', label: 'What one tail can bear', stepMm: 0.01 },
]
const LENGTHS: readonly Field[] = ['run', 'rise', 'turned', 'thickness', 'tolerance']
// A board of the hive bodies, a row of their tails.
const BASE = {
  nominal: '7',
  run: '70 mm',
  rise: '',
  turned: '',
  thickness: '22 mm',
  joints: '8',
  tolerance: '0.1 mm',
}

/** A dovetail template both ways round, and what its error makes of a row of tails. */
export function SlopePage() {
  const unit = useQuery(pulse()).data?.unit
  return unit ? <Page unit={unit} /> : <Waiting />
}

function Page({ unit }: { unit: string }) {
  const draft = useTyped('slope', BASE, unit, 1, LENGTHS)
  const sheet = Object.fromEntries(
    FIELDS.map(({ name }) => [name, draft.values[name] ?? '']),
  ) as Schemas['SlopeSheet']
  const preview = useQuery(slopePreview(sheet)).data
  const result = useLastGood(preview?.result ?? null, (sheet.rise + sheet.turned).trim() !== '')
  if (!preview) return <Waiting />

  return (
    <>
      <Heading
        title="A dovetail template"
        says="Drawn along both ways round: the mean is its slope, half the difference its own lean."
      />
      <Board
        drawing={
          <Sheet
            title="The template's slope against the one it should have"
            says={
              result
                ? `It slopes 1 in ${result.ratio}, ${result.angle}. ${preview.next.says}`
                : preview.next.says
            }
            block={[
              ['Slope', result ? `1 in ${result.ratio}` : '–'],
              ['Angle', result?.angle ?? '–'],
              ...(result?.lean ? [['Its own lean', result.lean] as const] : []),
            ]}
            height={() => 300}
          >
            {(box) => <SlopeDrawing result={result} {...box} />}
          </Sheet>
        }
        column={
          <>
            <Readings onRecord={null}>
              {FIELDS.map((field) => (
                <ReadingField
                  key={field.name}
                  label={field.label}
                  hint={field.hint}
                  value={sheet[field.name]}
                  reading={preview.figures[field.name]}
                  stepMm={field.stepMm}
                  onChange={(text) => draft.change(field.name, text)}
                />
              ))}
            </Readings>
            <NextStroke says={preview.next.says} why={preview.next.why}>
              <How how={preview.how} />
            </NextStroke>
          </>
        }
      />
    </>
  )
}
