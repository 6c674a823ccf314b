import type { Schemas } from '@/api/client'
import type { Standing } from './useLook'

type Check = Pick<Schemas['LookCheck'], 'id' | 'outcome'>

/**
 * The check after this one that has no answer yet, else the first of those before it; null when all are answered.
 *
 * What was just tapped counts before it is saved: a thumb is quicker than an answer, and its next tap is for the next
 * check.
 */
export function following(checks: readonly Check[], found: Standing['found'], from: string): string | null {
  const at = checks.findIndex(({ id }) => id === from)
  const inTurn = [...checks.slice(at + 1), ...checks.slice(0, Math.max(at, 0))]
  const isOpen = ({ id, outcome }: Check): boolean =>
    outcome === null && (found[id]?.outcome ?? null) === null
  return inTurn.find(isOpen)?.id ?? null
}
