import clsx from 'clsx'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Link, useParams } from 'react-router'
import { answered, client, type Schemas } from '@/api/client'
import { eyeRun } from '@/api/queries'
import { Heading } from '@/parts/Heading'
import { Complaint } from '@/parts/Keeping'
import { MainLink } from '@/parts/MainLink'
import { NextStroke } from '@/parts/NextStroke'
import { Lost, Waiting } from '@/parts/Notice'
import { useChange } from '@/parts/useChange'
import { useKeys } from '@/shell/useKeys'
import { EyeDrawing } from './EyeDrawing'

/** One exercise: look, say what is so, and on to the next. */
export function EyeRunPage() {
  const id = Number(useParams().id)
  const { data, error } = useQuery(eyeRun(id))
  if (error && !data) return <Lost problem={error} />
  return data ? <Page key={id} run={data} /> : <Waiting />
}

/** By the place of a choice: what a hand on the arrows answers. */
const ARROWS: Readonly<Record<string, string>> = {
  left: 'ArrowLeft',
  right: 'ArrowRight',
  middle: 'ArrowDown',
  straight: 'ArrowDown',
  top: 'ArrowUp',
  bottom: 'ArrowDown',
  first: '1',
  second: '2',
  third: '3',
}

function Page({ run }: { run: Schemas['EyeRun'] }) {
  const answer = useAnswer(run)
  // The next case is there before the rest of the bench was asked for again: it may be answered at once.
  const busy = answer.isPending && answer.variables.version === run.version
  const choose = (choice: string) => {
    if (!busy) answer.mutate({ choice, version: run.version })
  }
  useKeys(Object.fromEntries(run.choices.map(({ value }) => [ARROWS[value] ?? value, () => choose(value)])))
  const hint = run.exercise === 'kerf' ? run.counts : 'When you can’t tell, guess.'
  if (run.seen !== null) return <Found run={run} seen={run.seen} />
  return (
    <>
      <Heading title={run.asks} says={`${run.answered + 1} of ${run.of}. ${hint}`} />
      {run.told === '' ? (
        <EyeDrawing marks={run.marks} pxPerMm={run.pxPerMm} />
      ) : (
        <p data-answer className="border border-ink bg-sheet p-8 font-slab text-2xl font-semibold">
          {run.told}
        </p>
      )}
      <div className="mt-4 flex gap-3" role="group" aria-label="Your answer">
        {run.choices.map(({ value, label }) => (
          <button
            key={value}
            type="button"
            disabled={busy}
            onClick={() => choose(value)}
            className="min-h-16 grow basis-0 bg-ink px-3 font-slab text-2xl font-semibold text-on-ink"
          >
            {label}
          </button>
        ))}
      </div>
      <p className={clsx('mt-3 min-h-7', run.isWrong && 'text-red')} aria-live="polite">
        {run.said}
      </p>
      <Complaint problem={answer.error} besides={[]} />
    </>
  )
}

function useAnswer(run: Schemas['EyeRun']) {
  const queries = useQueryClient()
  return useChange(
    (body: Schemas['EyeChoiceRequest']) =>
      answered(client.PUT('/api/eye-runs/{eyeRun}', { params: { path: { eyeRun: run.id } }, body })),
    (next) => queries.setQueryData(eyeRun(run.id).queryKey, next),
  )
}

function Found({ run, seen }: { run: Schemas['EyeRun']; seen: string }) {
  return (
    <>
      <Heading title="Found" says={run.asks} />
      <NextStroke says={seen} why={`${run.counts} It stands in the diary.`}>
        <MainLink to="/true/eye">Your eye</MainLink>
        <Link to="/true" className="underline underline-offset-4">
          The references
        </Link>
      </NextStroke>
    </>
  )
}
