import type { Schemas } from '@/api/client'

/** An entry for an edge's diary: what is not given was not typed. */
export function eventOf(
  typed: Partial<Schemas['EventRequest']> & Pick<Schemas['EventRequest'], 'version'>,
): Schemas['EventRequest'] {
  const nothing = {
    kind: '',
    day: '',
    minutes: '',
    wood: '',
    strokes: '',
    found: '',
    stone: '',
    deg: '',
    note: '',
  }
  return { ...nothing, ...typed }
}
