import type { Schemas } from '@/api/client'
import { capital } from '@/parts/capital'
import { pageOf } from '@/shell/pages'

type Session = Schemas['Session']

interface Way {
  to: string
  text: string
}

export interface Ending {
  title: string
  says: string
  /** What is still to be thought of. */
  note?: string
  /** Where one goes on to first, and where else. */
  first: Way
  second: Way
}

const BENCH: Way = { to: '/', text: 'Back to the bench' }

/** What a session leaves when it has ended, whether it was walked to its end or stopped. */
export function ended(at: Session): Ending {
  switch (at.kind) {
    case 'planing':
      return planed(at)
    case 'filing':
    case 'turning':
    case 'bit-filing':
      return filed(at)
    case 'making':
      return madeOn(at)
    case 'cutting':
      return cut(at)
    case 'job':
      return wentOn(at)
    case 'honing':
    case 'day':
      return honed(at)
  }
}

/** Each step with what was counted at it; those with nothing counted are left out. */
function counted(at: Session, says: (count: number, step: Schemas['SessionStep']) => string): string[] {
  return at.steps.flatMap((step, index) => {
    const count = at.counted[index] ?? 0
    return count > 0 ? [says(count, step)] : []
  })
}

function honed(at: Session): Ending {
  const isDay = at.kind === 'day'
  const done = counted(
    at,
    (count, step) =>
      `${count === 1 ? '1 stroke' : `${count} strokes`} on the ${step.title}${isDay ? ` (${step.beside})` : ''}`,
  )
  return {
    title: outcome(at),
    says: done.length > 0 ? `In the diary: ${done.join(', ')}.` : 'In the diary, with no stroke counted.',
    note: 'Put it away where no hand meets the edge by chance: guarded, hung up, or in its roll.',
    first: BENCH,
    second: isDay
      ? { to: '/edges', text: 'See the edges' }
      : { to: placeOf(at, '/edges'), text: 'See the edge' },
  }
}

function outcome(at: Session): string {
  const finished = at.state === 'finished'
  if (at.kind === 'day')
    return finished
      ? '✓ The sharpening day is done.'
      : 'Stopped. Edges that had their last stone are sharp; the others stay on the list.'
  return finished ? `✓ The ${at.title} is sharp.` : `Stopped. The ${at.title} stays on the list.`
}

/** Strokes planed off a reference: nothing is known of it until it is tested again. */
function planed(at: Session): Ending {
  const did = at.steps.some(({ kind }) => kind === 'rub') ? 'Rubbed' : 'Planed'
  const strokes = at.counted.reduce((sum, count) => sum + count, 0)
  return {
    title: `${at.state === 'finished' ? `✓ ${did}.` : 'Stopped.'} Now test it again.`,
    says: `In the diary: ${strokes === 1 ? '1 stroke' : `${strokes} strokes`} off the ${at.title}. The next test shows what they really took.`,
    first: { to: placeOf(at, '/true'), text: 'Test it again' },
    second: BENCH,
  }
}

/** A saw that was filed: its place keeps what was done. */
function filed(at: Session): Ending {
  const done = counted(at, (count, step) => `${count} ${step.of} with the ${step.title}`)
  return {
    title: at.state === 'finished' ? `✓ The ${at.title} is done.` : `Stopped. The ${at.title} waits.`,
    says: done.length > 0 ? `In the diary: ${done.join(', ')}.` : 'In the diary, with nothing counted.',
    note: 'Try it on waste before it goes back on the wall.',
    first: BENCH,
    second: { to: placeOf(at, '/edges/saws'), text: 'See the tool' },
  }
}

/** Cut to a number: look, measure, and the next one. */
function cut(at: Session): Ending {
  const done = counted(at, (count, step) => `${count} ${step.of} with the ${step.title}`)
  return {
    title: at.state === 'finished' ? `✓ ${capital(at.title)}: counted.` : `Stopped. The ${at.title} waits.`,
    says: done.length > 0 ? `In the diary: ${done.join(', ')}.` : 'In the diary, with nothing counted.',
    note: 'Measure before you trust the count.',
    first: { to: placeOf(at, '/work'), text: 'Back to the work' },
    second: BENCH,
  }
}

/** A while at a job: its page says what is next, or what it rests for. */
function wentOn(at: Session): Ending {
  return {
    title: at.state === 'finished' ? '✓ Done for now.' : 'Stopped.',
    says: `What is done of ${at.title} is in the diary, and the minutes in those of its edges.`,
    first: { to: placeOf(at, '/work'), text: 'See where it stands' },
    second: BENCH,
  }
}

/** A stage of making: on to its page, which knows what it waits for; or, once it is made, to its first test. */
function madeOn(at: Session): Ending {
  const place = placeOf(at, '/true/plans')
  if (at.about?.kind === 'making')
    return {
      title: at.state === 'finished' ? '✓ Done for now.' : 'Stopped.',
      says: `What is done of the ${at.title} is in the diary; its page says when to go on.`,
      first: { to: place, text: 'See where it stands' },
      second: BENCH,
    }
  const isTested = at.about?.kind === 'reference'
  return {
    title: `✓ The ${at.title} is made.`,
    says: isTested
      ? 'It hangs on the board. Trust it once it is tested.'
      : 'It hangs on the board, ready for work.',
    first: { to: place, text: isTested ? 'Test it' : 'See it' },
    second: BENCH,
  }
}

/** The page of what the session was about. */
const placeOf = ({ about }: Session, otherwise: string): string => (about ? pageOf(about) : otherwise)
