import { useQuery } from '@tanstack/react-query'
import type { Schemas } from '@/api/client'
import { pulse, winding, windingPreview } from '@/api/queries'
import { WindingDrawing, windingFactor } from '@/drawings/WindingDrawing'
import { Board } from '@/parts/Board'
import { Button } from '@/parts/Button'
import { Heading } from '@/parts/Heading'
import { How } from '@/parts/How'
import { NextStroke } from '@/parts/NextStroke'
import { Lost, Waiting } from '@/parts/Notice'
import { Sheet } from '@/parts/Sheet'
import { useDraft } from '@/parts/useDraft'
import { useLastGood } from '@/parts/useLastGood'
import { WindingReadings } from './WindingReadings'

/** A board under winding sticks: how far it is twisted, and which corners come down. */
export function WindingPage() {
  const { data, error } = useQuery(winding())
  const unit = useQuery(pulse()).data?.unit
  if (error) return <Lost problem={error} />
  return data && unit ? <Page page={data} unit={unit} /> : <Waiting />
}

function Page({ page, unit }: { page: Schemas['Winding']; unit: string }) {
  const draft = useDraft('winding', page.sheet, unit, 1)
  const preview = useQuery(windingPreview(draft.values)).data
  const begun = draft.values.rows.some((row) => row.reading.trim() !== '')
  const result = useLastGood(preview?.result ?? null, begun)
  if (!preview) return <Waiting />

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
                ? `${result.twist} of twist. ${result.corners.map((one) => `${one.side} at ${one.atMm} mm: ${one.remove}`).join('; ')}`
                : preview.next.says
            }
            block={(box) => [
              ['Tilt', `drawn ×${windingFactor(result, box.width)}`],
              ['Twist', result?.totalTwist ?? '–'],
              ['The sticks show it', result ? `${result.magnification} times as large` : '–'],
              ...(result?.stickError ? [['The far stick’s own error', result.stickError] as const] : []),
            ]}
            height={() => 330}
          >
            {(box) => <WindingDrawing result={result} {...box} />}
          </Sheet>
        }
        column={
          <>
            <WindingReadings values={draft.values} preview={preview} onChange={draft.change} />
            <NextStroke says={preview.next.says} why={preview.next.why}>
              <How how={preview.how} />
              {begun && <Button onClick={draft.clear}>Another board</Button>}
            </NextStroke>
          </>
        }
      />
    </>
  )
}
