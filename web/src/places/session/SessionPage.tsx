import clsx from 'clsx'
import { useQuery } from '@tanstack/react-query'
import { useEffect, useRef, useState } from 'react'
import { Link, useParams } from 'react-router'
import type { Schemas } from '@/api/client'
import { useConnection } from '@/api/connection'
import { session, sessionHands } from '@/api/queries'
import { HandsDrawing } from '@/drawings/hands/HandsDrawing'
import { click, useSound } from '@/parts/sound'
import { useTitle } from '@/parts/useTitle'
import { usePulse } from '@/shell/usePulse'
import { Button } from '@/parts/Button'
import { ConnectionLost } from '@/parts/ConnectionLost'
import { Lost, Notice, Waiting } from '@/parts/Notice'
import { BesideJob } from './BesideJob'
import { Adjust, NotYet, Strokes, Together } from './Counting'
import { Ended } from './Ended'
import { OfPlan } from './OfPlan'
import { useSession } from './useSession'
import { useWakeLock } from './useWakeLock'
import { isTapped } from './walk'
import { inHand, isCounted, words } from './words'
import { told } from '@/parts/told'

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
  useClick(count)
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
        <span className="flex items-baseline gap-5">
          <Sound />
          {at.kind === 'honing' ? 'stone' : 'step'} {walk.atStep + 1} of {at.steps.length}
        </span>
      </header>
      {at.about?.kind === 'job' && at.about.id !== null && <BesideJob id={at.about.id} />}
      <ConnectionLost />
      {walk.problem && <Notice>{walk.problem}</Notice>}
      <div className="flex grow flex-col items-center justify-center gap-3 py-4 text-center">
        <p
          className={clsx(
            'font-slab leading-tight font-semibold',
            // A whole sentence is set smaller than a name, so that what is counted stays on the screen.
            text.says.length > LONG
              ? 'max-w-5xl text-[clamp(1.4rem,min(4vw,5.5vh),3rem)]'
              : 'text-[clamp(1.8rem,min(6vw,8vh),4.5rem)]',
          )}
        >
          {told(text.says)}
        </p>
        <div className="flex w-full flex-col items-center justify-center gap-x-12 gap-y-2 md:flex-row">
          {hands && phase !== 'check' && <HandsDrawing hands={hands} count={count} of={step.count} />}
          {at.about?.kind === 'making' && at.about.id !== null && <OfPlan id={at.about.id} />}
          {counted && <Strokes phase={phase} count={count} step={step} />}
        </div>
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

/** More letters than this are a sentence. */
const LONG = 42

/** A click a stroke: the hands hear that it was counted without looking up. */
function useClick(count: number): void {
  const before = useRef(count)
  useEffect(() => {
    if (count > before.current) click()
    before.current = count
  }, [count])
}

function Sound() {
  const [on, turn] = useSound()
  return (
    <label className="flex min-h-8 items-center gap-2 text-sm">
      <input type="checkbox" aria-label="Sound" checked={on} onChange={() => turn(!on)} className="size-4" />
      sound
    </label>
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
