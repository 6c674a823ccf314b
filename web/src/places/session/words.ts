import type { Schemas } from '@/api/client'

type Step = Schemas['SessionStep']

interface Words {
  says: string
  under: string
  button: string
}

/** What stands on the screen at a step; in a batch the stone may be in hand already, and only the edge changes. */
export function words(
  phase: Schemas['Session']['phase'],
  step: Step,
  before: Step | undefined,
  isLast: boolean,
): Words {
  if (step.kind === 'plane') return planing(phase, step)
  if (step.kind === 'rub') return rubbing(phase, step)
  if (step.kind === 'file') return filing(phase, step)
  if (step.kind === 'cut') return cutting(phase, step)
  if (step.kind === 'do') return doing(phase, step)
  if (step.kind === 'make') return making(phase, step, isLast)
  const sameStone = before?.title === step.title
  switch (phase) {
    case 'fetch':
      return sameStone
        ? { says: `Now the ${step.beside}`, under: `On the same ${step.title}.`, button: onIt(step) }
        : { says: `Fetch the ${step.title}`, under: ready(step), button: onIt(step) }
    case 'stroke':
      return step.kind === 'grind'
        ? { says: step.title, under: step.see, button: 'Done' }
        : { says: step.title, under: 'One stroke a beat. Tap anywhere when you stop.', button: 'Done' }
    case 'check':
      return { says: 'Now look', under: step.see, button: isLast ? 'Yes: it is sharp' : 'Yes: next' }
  }
}

/** With the plane in hand: where the stroke runs, and a tap for each. */
function planing(phase: Schemas['Session']['phase'], step: Step): Words {
  const says = `Plane ${step.title}`
  return phase === 'fetch'
    ? {
        says,
        under: 'Mark both ends in pencil. Tap anywhere to begin, then once a stroke.',
        button: 'Begin: count',
      }
    : { says, under: 'Tap anywhere after each stroke.', button: 'One stroke' }
}

/** Iron or stone over abrasive paper: a tap for each stroke. */
function rubbing(phase: Schemas['Session']['phase'], step: Step): Words {
  const says = `Rub ${step.title}`
  return phase === 'fetch'
    ? { says, under: 'Paper on a flat. Tap anywhere to begin, then once a stroke.', button: 'Begin: count' }
    : { says, under: 'Tap anywhere after each stroke.', button: 'One stroke' }
}

const ONE: Readonly<Record<string, string>> = {
  teeth: 'tooth',
  gullets: 'gullet',
  strokes: 'stroke',
  turns: 'turn',
  shavings: 'shaving',
  boards: 'board',
  ends: 'end',
  joints: 'joint',
  pieces: 'piece',
}

/** At a saw: what is done at each tooth, and a tap for each, so that the place is never lost. */
function filing(phase: Schemas['Session']['phase'], step: Step): Words {
  return phase === 'fetch'
    ? { says: `Take the ${step.title}`, under: step.says, button: 'Begin: count' }
    : { says: step.says, under: `Done when: ${step.see}`, button: `One ${ONE[step.of] ?? step.of}` }
}

/** Cut to a number: a tap for each stroke, turn or shaving. */
function cutting(phase: Schemas['Session']['phase'], step: Step): Words {
  return phase === 'fetch'
    ? { says: `Take the ${step.title}`, under: step.says, button: 'Begin: count' }
    : { says: step.title, under: `Done when ${step.see}.`, button: `One ${ONE[step.of] ?? step.of}` }
}

/** A step of a job: a tap for each board, end or joint, so that an interruption loses none. */
function doing(phase: Schemas['Session']['phase'], step: Step): Words {
  return phase === 'fetch'
    ? { says: step.title, under: `${step.says} With ${step.beside}.`, button: 'Begin: count' }
    : {
        says: step.title,
        under: `Each is done when ${lower(step.see)}.`,
        button: `One ${ONE[step.of] ?? step.of}`,
      }
}

const lower = (text: string) => text.charAt(0).toLowerCase() + text.slice(1)

/** A step of making: what is done, then what is looked at. */
function making(phase: Schemas['Session']['phase'], step: Step, isLast: boolean): Words {
  return phase === 'check'
    ? { says: 'Now look', under: step.see, button: isLast ? 'Yes: done for now' : 'Yes: next' }
    : {
        says: step.title,
        under: `${step.says} About ${Math.round(step.seconds / 60)} minutes, with ${step.beside}.`,
        button: 'Done: look at it',
      }
}

/** The heading of a step in a batch: which edge is in hand. */
export const inHand = (session: Pick<Schemas['Session'], 'kind' | 'title'>, step: Step): string =>
  session.kind === 'day' ? step.beside : session.title

/** Whether strokes are counted at it: nobody counts them at a wheel. */
export const isCounted = (step: Step): boolean => step.count > 0

function ready(step: Step): string {
  if (step.kind === 'grind') return 'Goggles on, and water beside it. Tap anywhere when you begin.'
  if (step.kind === 'strop') return 'Trailing strokes only: the edge never leads. Tap anywhere to begin.'
  return 'Wet it, see that it is flat. Tap anywhere when the edge lies on it.'
}

const onIt = (step: Step): string => (isCounted(step) ? 'On the stone: count' : 'Begin')
