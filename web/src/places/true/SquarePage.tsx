import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useParams } from 'react-router'
import { answered, client, type Schemas } from '../../api/client'
import { pulse, squarePage, squarePreview } from '../../api/queries'
import { fittingFactor } from '../../drawings/geometry'
import { SquareTestDrawing } from '../../drawings/SquareTestDrawing'
import { Board } from '../../parts/Board'
import { Enlargement } from '../../parts/Enlargement'
import { Heading } from '../../parts/Heading'
import { Lost, Notice, Waiting } from '../../parts/Notice'
import { Overtaken } from '../../parts/Overtaken'
import { Sheet } from '../../parts/Sheet'
import { useChange } from '../../parts/useChange'
import { useLastGood } from '../../parts/useLastGood'
import { useToBench } from '../../parts/useToBench'
import { useDraft } from '../../parts/useDraft'
import { Answer } from './Answer'
import { Learnt } from './Learnt'
import { ReferenceHistory } from './ReferenceHistory'
import { SquareReadings } from './SquareReadings'
import { TestStroke } from './TestStroke'

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
    metal: page.metal,
    leftLine: 'first',
    edge: 'outer',
    instrument: page.instrument,
  }
  const draft = useDraft(`square ${square.id}`, base, unit, square.version)
  const preview = useQuery(squarePreview(square.id, draft.values)).data
  const params = { path: { square: square.id } }
  const record = useChange((planed: boolean) => {
    const body = { ...draft.values, version: draft.version, planed }
    return answered(client.POST('/api/squares/{square}/tests', { params, body }))
  }, draft.clear)
  const bench = useToBench(() => {
    const body = { ...draft.values, version: draft.version }
    return answered(client.POST('/api/squares/{square}/sessions', { params, body }))
  }, draft.clear)
  const fell = useChange(() =>
    answered(client.POST('/api/squares/{square}/drops', { params, body: { version: square.version } })),
  )
  const [chosenFactor, setFactor] = useState<number | null>(null)
  // Both stay as they were while a figure is half typed.
  const begun = draft.values.farGaps.some((gap) => gap.trim() !== '')
  const good = useLastGood(preview?.result ? preview : null, begun)
  if (!preview) return <Waiting />

  const { result, next } = preview
  const shown = good?.result ?? null
  const factor = chosenFactor ?? (shown ? fittingFactor(shown.errorMm, 1.5, 95, FACTORS) : USUAL_FACTOR)
  const drawn = { ...square, testedMm: shown?.lengthMm ?? square.bladeMm, errorMm: shown?.errorMm ?? 0 }
  const onBench = preview.canCount ? () => bench.mutate(undefined) : null
  const main = result ? (next.takeOff && onBench ? onBench : () => record.mutate(next.takeOff)) : null

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
              ['Test', String(page.history.tests.length + 1)],
              ['Your tolerance', page.history.tolerance],
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
        below={
          <ReferenceHistory name={square.name} history={page.history} onFell={() => fell.mutate(undefined)} />
        }
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
              error={result?.error ?? null}
              says={result ? preview.standing : 'out of square, as soon as a gap is typed.'}
              verdict={result?.verdict}
            />
            <Learnt
              learnt={preview.learnt}
              shaving={draft.values.shaving}
              onTake={(shaving) => draft.change({ shaving })}
            />
            {draft.overtaken && <Overtaken name={square.name} onKeep={draft.keep} onDrop={draft.clear} />}
            {(record.error ?? bench.error) && <Notice>{(record.error ?? bench.error)?.message}</Notice>}
            <TestStroke
              next={next}
              how={preview.how}
              onRecord={result ? record.mutate : null}
              onBench={onBench}
              busy={record.isPending || bench.isPending}
            />
            {preview.atWork.map((says) => (
              <p key={says} className="mt-3 text-sm text-soft">
                {says}
              </p>
            ))}
          </>
        }
      />
    </>
  )
}
