import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useParams } from 'react-router'
import { answered, client, type Schemas } from '../../../api/client'
import { pulse, straightPage, straightPreview } from '../../../api/queries'
import { Board } from '../../../parts/Board'
import { Heading } from '../../../parts/Heading'
import { Complaint } from '../../../parts/Keeping'
import { Lost, Notice, Waiting } from '../../../parts/Notice'
import { Overtaken } from '../../../parts/Overtaken'
import { useChange } from '../../../parts/useChange'
import { useDraft } from '../../../parts/useDraft'
import { useLastGood } from '../../../parts/useLastGood'
import { useToBench } from '../../../parts/useToBench'
import { Answer } from '../Answer'
import { Learnt } from '../Learnt'
import { ReferenceHistory } from '../ReferenceHistory'
import { StraightReadings } from './StraightReadings'
import { StraightSheet } from './StraightSheet'
import { TestStroke } from '../TestStroke'

/** One straightedge, tested against itself. */
export function StraightPage() {
  const id = Number(useParams().id)
  const { data, error } = useQuery(straightPage(id))
  const unit = useQuery(pulse()).data?.unit
  if (error) return <Lost problem={error} />
  return data && unit ? <Page key={id} page={data} unit={unit} /> : <Waiting />
}

function Page({ page, unit }: { page: Schemas['StraightPage']; unit: string }) {
  const { straight } = page
  const draft = useDraft(`straight ${straight.id}`, baseOf(page), unit, straight.version)
  const preview = useQuery(straightPreview(straight.id, draft.values)).data
  const [step, setStep] = useState(0)
  const begun = draft.values.rows.some((row) => row.gap.trim() !== '')
  const good = useLastGood(preview?.result ? preview : null, begun)
  const params = { path: { straight: straight.id } }
  const record = useChange((planed: boolean) => {
    const body = { ...draft.values, version: draft.version, planed }
    return answered(client.POST('/api/straights/{straight}/tests', { params, body }))
  }, draft.clear)
  const bench = useToBench(() => {
    const body = { ...draft.values, version: draft.version }
    return answered(client.POST('/api/straights/{straight}/sessions', { params, body }))
  }, draft.clear)
  const fell = useChange(() =>
    answered(client.POST('/api/straights/{straight}/drops', { params, body: { version: straight.version } })),
  )
  if (!preview) return <Waiting />
  const { next, result } = preview
  const onBench = () => bench.mutate(undefined)
  const main = result ? (next.takeOff ? onBench : () => record.mutate(false)) : null

  return (
    <>
      <Heading title={straight.name} says={`${straight.says}. ${straight.due ?? 'It can be trusted.'}`} />
      <Board
        drawing={<StraightSheet page={page} preview={good ?? preview} step={step} onStep={setStep} />}
        below={
          <ReferenceHistory
            name={straight.name}
            history={page.history}
            onFell={() => fell.mutate(undefined)}
          />
        }
        column={
          <>
            <StraightReadings
              page={page}
              preview={preview}
              values={draft.values}
              onChange={draft.change}
              onRecord={main}
            />
            {preview.objection && <Notice>{preview.objection}</Notice>}
            <Answer
              error={result?.straightness ?? null}
              says={result ? preview.standing : 'out of straight, as soon as three gaps are typed.'}
              verdict={result?.verdict}
            />
            <Learnt
              learnt={preview.learnt}
              shaving={draft.values.shaving}
              onTake={(shaving) => draft.change({ shaving })}
            />
            {draft.overtaken && <Overtaken name={straight.name} onKeep={draft.keep} onDrop={draft.clear} />}
            <TestStroke
              next={next}
              how={preview.how}
              onRecord={result ? record.mutate : null}
              onBench={onBench}
              busy={record.isPending || bench.isPending}
            />
            <Complaint problem={record.error ?? bench.error ?? fell.error} besides={[]} />
          </>
        }
      />
    </>
  )
}

const baseOf = (page: Schemas['StraightPage']): Schemas['StraightSheet'] => ({
  ...page.fields,
  rows: page.places.map((at, index) => ({
    at,
    gap: index === 0 || index === page.places.length - 1 ? '0' : '',
  })),
  against: page.against,
  farLine: 'first',
  instrument: page.instrument,
})
