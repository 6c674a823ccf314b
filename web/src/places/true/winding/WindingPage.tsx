import { useQuery } from '@tanstack/react-query'
import { answered, client, type Schemas } from '@/api/client'
import { pulse, winding, windingPreview } from '@/api/queries'
import { HOW_READ } from '@/drawings/reading/howRead'
import { SightedReading } from '@/drawings/reading/SightedReading'
import { WindingDrawing, windingFactor } from '@/drawings/WindingDrawing'
import { Board } from '@/parts/Board'
import { Correcting } from '@/parts/Correcting'
import { Heading } from '@/parts/Heading'
import { Lost, Waiting } from '@/parts/Notice'
import { Sheet } from '@/parts/Sheet'
import { useChange } from '@/parts/useChange'
import { type Correction, useCorrection } from '@/parts/useCorrection'
import { useLastGood } from '@/parts/useLastGood'
import { useToBench } from '@/parts/useToBench'
import { JointStroke, recordOf } from '@/places/true/JointStroke'
import { useJointDraft } from '@/places/true/useJointDraft'
import { WindingReadings } from './WindingReadings'
import { WindingUsual } from './WindingUsual'

/** A board under winding sticks: how far it is twisted, and which corners come down. */
export function WindingPage() {
  const { data, error } = useQuery(winding())
  const unit = useQuery(pulse()).data?.unit
  const wrong = useCorrection<Schemas['WindingFormRequest']>(KINDS)
  if (error && !data) return <Lost problem={error} />
  if (!data || !unit || wrong === undefined) return <Waiting />
  return <Page key={wrong?.entry ?? 'new'} page={data} unit={unit} wrong={wrong} />
}

const KINDS = ['board-sighted']

interface PageProps {
  page: Schemas['Winding']
  unit: string
  wrong: Correction<Schemas['WindingFormRequest']> | null
}

function Page({ page, unit, wrong }: PageProps) {
  const draft = useJointDraft('winding', page.typed, unit, wrong)
  const preview = useQuery(windingPreview(draft.values)).data
  const body = draft.values
  const record = useChange(
    () => answered(client.POST('/api/winding/tests', { body, headers: draft.headers })),
    draft.done,
  )
  const bench = useToBench(
    () => answered(client.POST('/api/winding/sessions', { body, headers: draft.headers })),
    draft.done,
  )
  const begun = draft.values.rows.some((row) => row.reading.trim() !== '')
  const result = useLastGood(preview?.result ?? null, begun)
  if (!preview) return <Waiting />
  const onRecord = recordOf(preview, record, bench)

  return (
    <>
      <Heading
        title="Winding sticks on a board"
        says={page.sticks ? `With the ${page.sticks}.` : 'With any two straight, parallel sticks.'}
      />
      <Board
        drawing={
          <Sheet
            title="What the eye sees over the near stick, and the board from above"
            says={
              result
                ? `${result.twist} of twist. ${result.corners.map(atCorner).join('; ')}`
                : preview.next.says
            }
            block={(box) =>
              result
                ? [
                    ['Tilt', `drawn ×${windingFactor(result, box.width)}`],
                    ['Twist', result.totalTwist],
                    ['The sticks show it', `${result.magnification} times as large`],
                    ...(result.stickError ? [['The far stick’s own error', result.stickError] as const] : []),
                  ]
                : [HOW_READ]
            }
            height={() => 330}
          >
            {(box) => (result ? <WindingDrawing result={result} {...box} /> : <SightedReading {...box} />)}
          </Sheet>
        }
        below={
          <WindingUsual
            page={page}
            values={draft.values}
            preview={preview}
            onRecord={onRecord}
            onChange={draft.change}
          />
        }
        column={
          <>
            <Correcting correction={wrong} />
            <WindingReadings
              values={draft.values}
              preview={preview}
              onRecord={onRecord}
              onChange={draft.change}
            />
            <JointStroke
              preview={preview}
              record={record}
              bench={bench}
              again={begun ? 'Another board' : null}
              onAgain={draft.clear}
            />
          </>
        }
      />
    </>
  )
}

function atCorner(one: Schemas['WindingPoint']): string {
  return `${one.side} at ${one.atMm} mm: ${one.remove}`
}
