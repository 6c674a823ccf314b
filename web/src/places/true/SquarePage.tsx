import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useParams } from 'react-router'
import { answered, client, type Schemas } from '../../api/client'
import { pulse, squarePage, squarePreview } from '../../api/queries'
import { fittingFactor } from '../../drawings/geometry'
import { SquareTestDrawing } from '../../drawings/SquareTestDrawing'
import { Board } from '../../parts/Board'
import { Button } from '../../parts/Button'
import { Enlargement } from '../../parts/Enlargement'
import { Heading } from '../../parts/Heading'
import { How } from '../../parts/How'
import { NextStroke } from '../../parts/NextStroke'
import { Lost, Notice, Waiting } from '../../parts/Notice'
import { Overtaken } from '../../parts/Overtaken'
import { Sheet } from '../../parts/Sheet'
import { useLastGood } from '../../parts/useLastGood'
import { useDraft } from '../../parts/useDraft'
import { Answer } from './Answer'
import { SquareHistory } from './SquareHistory'
import { SquareReadings } from './SquareReadings'

const FACTORS = [10, 20, 50, 100, 200, 500]
const USUAL_FACTOR = 100

/** One square under its reversal test. */
export function SquarePage() {
  const id = Number(useParams().id)
  const { data, error } = useQuery(squarePage(id))
  const unit = useQuery(pulse()).data?.unit
  if (error) return <Lost problem={error} />
  return data && unit ? <Page key={id} page={data} unit={unit} /> : <Waiting />
}

function Page({ page, unit }: { page: Schemas['SquarePage']; unit: string }) {
  const { square } = page
  const base: Schemas['SquareSheet'] = {
    ...page.fields,
    farGaps: [''],
    nearGap: '',
    workWidth: '',
    leftLine: 'first',
    edge: 'outer',
    instrument: page.instrument,
  }
  const draft = useDraft(`square ${square.id}`, base, unit, square.version)
  const preview = useQuery(squarePreview(square.id, draft.values)).data
  const record = useRecordTest(square.id, draft)
  const fell = useFell(square)
  const [chosenFactor, setFactor] = useState<number | null>(null)
  // Both stay as they were while a figure is half typed.
  const begun = draft.values.farGaps.some((gap) => gap.trim() !== '')
  const good = useLastGood(preview?.result ? preview : null, begun)
  if (!preview) return <Waiting />

  const { result, next } = preview
  const shown = good?.result ?? null
  const factor = chosenFactor ?? (shown ? fittingFactor(shown.errorMm, 1.5, 95, FACTORS) : USUAL_FACTOR)
  const drawn = { ...square, testedMm: shown?.lengthMm ?? square.bladeMm, errorMm: shown?.errorMm ?? 0 }
  const main = result ? () => record.mutate(next.takeOff) : null

  return (
    <>
      <Heading title={square.name} says={`${square.says}. ${square.due ?? 'It can be trusted.'}`} />
      <Board
        drawing={
          <Sheet
            title={`Reversal test of the ${square.name}`}
            says={
              result
                ? `Both knife lines, ${result.parted} apart at the tip. ${preview.standing} ${next.says}`
                : next.says
            }
            block={[
              ['Sideways errors', `drawn ×${factor}`],
              ['Test', String(page.tests.length + 1)],
              ['Your tolerance', page.tolerance],
            ]}
            height={(width) => Math.max(290, Math.min(440, width * 0.64))}
            controls={
              <Enlargement says="Errors drawn" value={factor} choices={FACTORS} onChange={setFactor} />
            }
          >
            {(box) => (
              <SquareTestDrawing
                square={drawn}
                result={shown}
                strokes={good?.strokes ?? []}
                takeOff={good?.next.takeOff ?? false}
                factor={factor}
                {...box}
              />
            )}
          </Sheet>
        }
        below={<SquareHistory page={page} onFell={() => fell.mutate()} />}
        column={
          <>
            <SquareReadings
              page={page}
              preview={preview}
              values={draft.values}
              onChange={draft.change}
              onRecord={main}
            />
            {preview.objection && <Notice>{preview.objection}</Notice>}
            <Answer
              preview={preview}
              tolerance={preview.readings.tolerance.mm === page.toleranceMm ? page.tolerance : 'tolerance'}
            />
            {preview.atWork.map((says) => (
              <p key={says} className="text-sm text-soft">
                {says}
              </p>
            ))}
            {draft.overtaken && <Overtaken name={square.name} onKeep={draft.keep} onDrop={draft.clear} />}
            {record.error && <Notice>{record.error.message}</Notice>}
            <NextStroke says={next.says} why={next.why}>
              {main && (
                <Button weight="main" keys="Ctrl Enter" disabled={record.isPending} onClick={main}>
                  {next.takeOff ? 'Planed it: test again' : 'Record this test'}
                </Button>
              )}
              {main && next.takeOff && (
                <Button disabled={record.isPending} onClick={() => record.mutate(false)}>
                  Only record the test
                </Button>
              )}
              <How how={preview.how} />
            </NextStroke>
          </>
        }
      />
    </>
  )
}

interface Draft {
  values: Schemas['SquareSheet']
  version: number
  clear: () => void
}

function useRecordTest(square: number, draft: Draft) {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: (planed: boolean) =>
      answered(
        client.POST('/api/squares/{square}/tests', {
          params: { path: { square } },
          body: { ...draft.values, version: draft.version, planed },
        }),
      ),
    onSuccess: (page) => {
      queries.setQueryData(squarePage(square).queryKey, page)
      draft.clear()
    },
    onSettled: () => queries.invalidateQueries({ queryKey: ['bench'] }),
  })
}

function useFell(square: Schemas['Square']) {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: () =>
      answered(
        client.POST('/api/squares/{square}/drops', {
          params: { path: { square: square.id } },
          body: { version: square.version },
        }),
      ),
    onSettled: () => queries.invalidateQueries({ queryKey: ['bench'] }),
  })
}
