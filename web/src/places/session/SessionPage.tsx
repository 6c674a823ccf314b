import { useQuery } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { Link, useParams } from 'react-router'
import type { Schemas } from '@/api/client'
import { useConnection } from '@/api/connection'
import { session, sessionHands } from '@/api/queries'
import { HandsDrawing } from '@/drawings/HandsDrawing'
import { useTitle } from '@/parts/useTitle'
import { usePulse } from '@/shell/usePulse'
import { Button } from '@/parts/Button'
import { ConnectionLost } from '@/parts/ConnectionLost'
import { Lost, Notice, Waiting } from '@/parts/Notice'
import { BesideJob } from './BesideJob'
import { Ended } from './Ended'
import { useSession } from './useSession'
import { useWakeLock } from './useWakeLock'
import { groups, isTapped } from './walk'
import { inHand, isCounted, words } from './words'

/** Bench mode: the plan stone by stone, readable at two metres; the whole screen is “done, next”. */
export function SessionPage() {
  const id = Number(useParams().id)
  const { data, error } = useQuery(session(id))
  usePulse()
  useTitle(data?.title ?? 'At the bench')
  if (error && !data) return <Lost problem={error} />
  if (!data) return <Waiting />
  return data.state === 'running' ? <Running key={id} at={data} /> : <Ended at={data} />
}

function Running({ at }: { at: Schemas['Session'] }) {
  const walk = useSession(at)
  useWakeLock()
  const { step, count, phase, isLast } = walk
  const hands = useQuery(sessionHands(at.id)).data?.steps[walk.atStep]
  const counted = isCounted(step)
  // A step left without a stroke is asked about, once.
  const [asked, setAsked] = useState<number | null>(null)
  const uncounted = phase === 'check' && counted && count === 0
  const asking = uncounted && asked === walk.atStep
  const next = () => (uncounted && !asking ? setAsked(walk.atStep) : walk.next())
  useNextKeys(next)
  const { lost } = useConnection()
  if (walk.isEnded && lost) return <EndedAway title={at.title} />
  const text = asking ? UNCOUNTED : words(phase, step, at.steps[walk.atStep - 1], isLast)

  return (
    // A click anywhere is “done, next”; the button below does the same from the keyboard.
    <main className="flex min-h-dvh cursor-pointer flex-col bg-paper p-5 select-none md:p-8" onClick={next}>
      <header
        className="flex items-baseline justify-between gap-4 text-lg text-soft"
        onClick={(event) => event.stopPropagation()}
      >
        <h1 className="text-xl text-ink">{inHand(at, step)}</h1>
        <span>
          {at.kind === 'honing' ? 'stone' : 'step'} {walk.atStep + 1} of {at.steps.length}
        </span>
      </header>
      {at.about?.kind === 'job' && at.about.id !== null && <BesideJob id={at.about.id} />}
      <ConnectionLost />
      {walk.problem && <Notice>{walk.problem}</Notice>}
      <div className="flex grow flex-col items-center justify-center gap-3 py-4 text-center">
        <p className="font-slab text-[clamp(1.8rem,min(6vw,8vh),4.5rem)] leading-tight font-semibold">
          {text.says}
        </p>
        {hands && phase !== 'check' && <HandsDrawing hands={hands} count={count} />}
        {counted && <Strokes phase={phase} count={count} step={step} />}
        {phase === 'check' && counted && <Adjust onAdjust={walk.adjust} />}
        <p className="max-w-3xl text-[clamp(1.1rem,2.6vw,2rem)] text-soft">{text.under}</p>
        {phase === 'fetch' && walk.atStep === 0 && (
          // Wider screens have it in the footer all along.
          <p className="max-w-xs border-l-4 border-red pl-3 text-left text-sm md:hidden">{at.caution}</p>
        )}
      </div>
      <div className="flex gap-3">
        {phase === 'check' && <NotYet step={step} onBack={walk.back} />}
        {phase === 'stroke' && isTapped(step) && <Together left={step.count - count} onTap={walk.next} />}
        <button
          type="button"
          className="min-h-20 grow-2 basis-0 bg-ink px-6 font-slab text-3xl font-semibold text-on-ink"
          data-testid="next"
        >
          {text.button}
        </button>
      </div>
      <footer
        className="mt-4 flex items-center justify-between gap-4 text-xl"
        onClick={(event) => event.stopPropagation()}
      >
        <Button className="min-h-14 px-2" disabled={!walk.canGoBack} onClick={walk.back}>
          ← Undo
        </Button>
        <p className="hidden max-w-2xl text-sm text-soft md:block">{at.caution}</p>
        <Button className="min-h-14 px-2" onClick={walk.stop}>
          Stop here
        </Button>
      </footer>
    </main>
  )
}

/** It is over, and what was done is not recorded yet. */
function EndedAway({ title }: { title: string }) {
  return (
    <main className="flex min-h-dvh flex-col items-start justify-center gap-4 p-8">
      <ConnectionLost />
      <h1 className="text-4xl">{title}: ended here</h1>
      <p className="text-xl text-soft">It is recorded as soon as the bench answers.</p>
      <Link to="/" className="py-3 text-xl underline underline-offset-4">
        To the bench
      </Link>
    </main>
  )
}

const UNCOUNTED = {
  says: 'No stroke was counted',
  under: 'If it was done without counting, go on. If not, go back to it, or add the strokes above.',
  button: 'Done without counting',
}

/** Several at once, for who counts in the head or goes by groups of teeth. */
function Together({ left, onTap }: { left: number; onTap: (by: number) => void }) {
  return groups(left).map((by) => (
    <button
      key={by}
      type="button"
      aria-label={by === left ? `All ${left} that are left` : `${by} at once`}
      onClick={(event) => {
        event.stopPropagation()
        onTap(by)
      }}
      className={
        'basis-16 border-2 border-ink px-1 font-slab text-xl leading-tight font-semibold ' +
        'md:basis-24 md:text-2xl'
      }
    >
      {by === left ? `All ${left}` : `+${by}`}
    </button>
  ))
}

interface StrokesProps {
  phase: Schemas['Session']['phase']
  count: number
  step: Schemas['SessionStep']
}

/** How many there will be, then how many were done. */
function Strokes({ phase, count, step }: StrokesProps) {
  if (phase === 'fetch')
    return (
      <p className="font-slab text-[clamp(3rem,min(12vw,15vh),9rem)] leading-none font-semibold">
        {step.count} {step.of}
      </p>
    )
  return (
    <p
      className="font-slab text-[clamp(5rem,min(26vw,30vh),17rem)] leading-none font-semibold"
      data-testid="count"
      aria-live="off"
    >
      {count}
      <span className="text-[0.3em] text-soft"> of {step.count}</span>
    </p>
  )
}

/** What it looks like is not what it should: back to it, with the strokes so far kept. */
function NotYet({ step, onBack }: { step: Schemas['SessionStep']; onBack: () => void }) {
  const says = isCounted(step) ? 'Not yet: more strokes' : 'Not yet: go on with it'
  return (
    <button
      type="button"
      aria-label={says}
      onClick={(event) => {
        event.stopPropagation()
        onBack()
      }}
      className="grow basis-0 border-2 border-ink px-3 font-slab text-xl leading-tight font-semibold md:text-2xl"
    >
      {says}
    </button>
  )
}

function Adjust({ onAdjust }: { onAdjust: (by: number) => void }) {
  return (
    <div className="flex gap-4" onClick={(event) => event.stopPropagation()}>
      {[-5, -1, 1, 5].map((by) => (
        <button
          key={by}
          type="button"
          onClick={() => onAdjust(by)}
          className="min-h-16 min-w-16 border-2 border-ink text-2xl"
          aria-label={`${by > 0 ? 'add' : 'take off'} ${Math.abs(by)}`}
        >
          {by > 0 ? `+${by}` : `−${-by}`}
        </button>
      ))}
    </div>
  )
}

function useNextKeys(next: () => void) {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const onOtherButton =
        event.target instanceof HTMLElement && event.target.closest('footer, [aria-label]') !== null
      if ((event.key === ' ' || event.key === 'Enter') && !onOtherButton && !event.repeat) {
        event.preventDefault()
        next()
      }
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [next])
}
