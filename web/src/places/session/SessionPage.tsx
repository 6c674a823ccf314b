import { useQuery } from '@tanstack/react-query'
import { useEffect } from 'react'
import { Link, useParams } from 'react-router'
import type { Schemas } from '../../api/client'
import { session } from '../../api/queries'
import { usePulse } from '../../shell/usePulse'
import { Button } from '../../parts/Button'
import { Lost, Notice, Waiting } from '../../parts/Notice'
import { useSession } from './useSession'
import { useWakeLock } from './useWakeLock'
import { inHand, isCounted, words } from './words'

/** Bench mode: the plan stone by stone, readable at two metres; the whole screen is “done, next”. */
export function SessionPage() {
  const id = Number(useParams().id)
  const { data, error } = useQuery(session(id))
  usePulse()
  if (error) return <Lost problem={error} />
  if (!data) return <Waiting />
  return data.state === 'running' ? <Running key={id} at={data} /> : <Ended at={data} />
}

function Running({ at }: { at: Schemas['Session'] }) {
  const walk = useSession(at)
  useWakeLock()
  useNextKeys(walk.next)
  const { step, count, phase, isLast } = walk
  const text = words(phase, step, at.steps[walk.atStep - 1], isLast)
  const counted = isCounted(step)

  return (
    // A click anywhere is “done, next”; the button below does the same from the keyboard.
    <main
      className="flex min-h-dvh cursor-pointer flex-col bg-paper p-5 select-none md:p-8"
      onClick={walk.next}
    >
      <header
        className="flex items-baseline justify-between gap-4 text-lg text-soft"
        onClick={(event) => event.stopPropagation()}
      >
        <h1 className="text-xl text-ink">{inHand(at, step)}</h1>
        <span>
          {at.edgeId === null ? 'step' : 'stone'} {walk.atStep + 1} of {at.steps.length}
        </span>
      </header>
      {walk.problem && <Notice>{walk.problem}</Notice>}
      <div className="flex grow flex-col items-center justify-center gap-3 py-4 text-center">
        <p className="font-slab text-[clamp(1.8rem,6vw,4.5rem)] leading-tight font-semibold">{text.says}</p>
        {counted && <Strokes phase={phase} count={count} step={step} />}
        {phase === 'check' && counted && <Adjust onAdjust={walk.adjust} />}
        <p className="max-w-3xl text-[clamp(1.1rem,2.6vw,2rem)] text-soft">{text.under}</p>
        {phase === 'fetch' && walk.atStep === 0 && (
          // Wider screens have it in the footer all along.
          <p className="max-w-xs border-l-4 border-red pl-3 text-left text-sm md:hidden">{at.caution}</p>
        )}
      </div>
      <button
        type="button"
        className="min-h-20 bg-ink px-6 font-slab text-3xl font-semibold text-on-ink"
        data-testid="next"
      >
        {text.button}
      </button>
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

interface StrokesProps {
  phase: Schemas['Session']['phase']
  count: number
  step: Schemas['SessionStep']
}

/** How many there will be, then how many were done. */
function Strokes({ phase, count, step }: StrokesProps) {
  if (phase === 'fetch')
    return (
      <p className="font-slab text-[clamp(3rem,12vw,9rem)] leading-none font-semibold">
        {step.strokes} {step.of}
      </p>
    )
  return (
    <p
      className="font-slab text-[clamp(5rem,26vw,17rem)] leading-none font-semibold"
      data-testid="count"
      aria-live="off"
    >
      {count}
      <span className="text-[0.3em] text-soft"> of {step.strokes}</span>
    </p>
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

function Ended({ at }: { at: Schemas['Session'] }) {
  if (at.purpose === 'planing') return <Planed at={at} />
  if (at.purpose === 'filing') return <Filed at={at} />
  if (at.purpose === 'making') return <MadeOn at={at} />
  const done = at.steps.flatMap((step, index) =>
    (at.counted[index] ?? 0) > 0
      ? [`${at.counted[index]} strokes on the ${step.stone}${at.edgeId === null ? ` (${step.edge})` : ''}`]
      : [],
  )
  return (
    <main className="flex min-h-dvh flex-col items-start justify-center gap-4 p-8">
      <h1 className="text-4xl">{outcome(at)}</h1>
      <p className="text-xl text-soft">
        {done.length > 0 ? `In the diary: ${done.join(', ')}.` : 'In the diary, with no stroke counted.'}
      </p>
      <p className="text-lg">
        Put it away where no hand meets the edge by chance: guarded, hung up, or in its roll.
      </p>
      <p className="flex flex-wrap gap-6 text-xl">
        <Link to="/" className="bg-ink px-5 py-3 font-bold text-on-ink">
          Back to the bench
        </Link>
        <Link
          to={at.edgeId === null ? '/edges' : `/edges/${at.edgeId}`}
          className="py-3 underline underline-offset-4"
        >
          {at.edgeId === null ? 'See the edges' : 'See the edge'}
        </Link>
      </p>
    </main>
  )
}

/** Strokes planed off a reference: nothing is known of it until it is tested again. */
function Planed({ at }: { at: Schemas['Session'] }) {
  const strokes = at.counted.reduce((sum, count) => sum + count, 0)
  return (
    <main className="flex min-h-dvh flex-col items-start justify-center gap-4 p-8">
      <h1 className="text-4xl">{at.state === 'finished' ? '✓ Planed.' : 'Stopped.'} Now test it again.</h1>
      <p className="text-xl text-soft">
        In the diary: {strokes === 1 ? '1 stroke' : `${strokes} strokes`} off the {at.edge}. The next test
        shows what they really took.
      </p>
      <p className="flex flex-wrap gap-6 text-xl">
        <Link to={at.place ?? '/true'} className="bg-ink px-5 py-3 font-bold text-on-ink">
          Test it again
        </Link>
        <Link to="/" className="py-3 underline underline-offset-4">
          Back to the bench
        </Link>
      </p>
    </main>
  )
}

/** A saw that was filed: its place keeps what was done. */
function Filed({ at }: { at: Schemas['Session'] }) {
  const done = at.steps.flatMap((step, index) =>
    (at.counted[index] ?? 0) > 0 ? [`${at.counted[index]} ${step.of} with the ${step.stone}`] : [],
  )
  return (
    <main className="flex min-h-dvh flex-col items-start justify-center gap-4 p-8">
      <h1 className="text-4xl">
        {at.state === 'finished' ? `✓ The ${at.edge} is done.` : `Stopped. The ${at.edge} waits.`}
      </h1>
      <p className="text-xl text-soft">
        {done.length > 0 ? `In the diary: ${done.join(', ')}.` : 'In the diary, with nothing counted.'}
      </p>
      <p className="text-lg">Try it on waste before it goes back on the wall.</p>
      <p className="flex flex-wrap gap-6 text-xl">
        <Link to="/" className="bg-ink px-5 py-3 font-bold text-on-ink">
          Back to the bench
        </Link>
        <Link to={at.place ?? '/edges/saws'} className="py-3 underline underline-offset-4">
          See the tool
        </Link>
      </p>
    </main>
  )
}

/** A stage of making: on to its page, which knows what it waits for, or to its first test. */
function MadeOn({ at }: { at: Schemas['Session'] }) {
  const isMade = at.place !== null && !at.place.startsWith('/true/plans/makings')
  return (
    <main className="flex min-h-dvh flex-col items-start justify-center gap-4 p-8">
      <h1 className="text-4xl">
        {isMade ? `✓ The ${at.edge} is made.` : at.state === 'finished' ? '✓ Done for now.' : 'Stopped.'}
      </h1>
      <p className="text-xl text-soft">
        {isMade
          ? 'It hangs on the board. Trust it once it is tested.'
          : `What is done of the ${at.edge} is in the diary; its page says when to go on.`}
      </p>
      <p className="flex flex-wrap gap-6 text-xl">
        <Link to={at.place ?? '/true/plans'} className="bg-ink px-5 py-3 font-bold text-on-ink">
          {isMade ? 'Test it' : 'See where it stands'}
        </Link>
        <Link to="/" className="py-3 underline underline-offset-4">
          Back to the bench
        </Link>
      </p>
    </main>
  )
}

function outcome(at: Schemas['Session']): string {
  const finished = at.state === 'finished'
  if (at.edgeId === null)
    return finished
      ? '✓ The sharpening day is done.'
      : 'Stopped. Edges that had their last stone are sharp; the others stay on the list.'
  return finished ? `✓ The ${at.edge} is sharp.` : `Stopped. The ${at.edge} stays on the list.`
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
