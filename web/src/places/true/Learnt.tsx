import type { Schemas } from '@/api/client'
import { Button } from '@/parts/Button'
import { told } from '@/parts/told'

interface LearntProps {
  learnt: Schemas['LearntShaving'] | null
  /** The shaving that is reckoned with now, as it is typed. */
  shaving: string
  onTake: (shaving: string) => void
}

/** What the last shavings really took, where the tests before and after show it. */
export function Learnt({ learnt, shaving, onTake }: LearntProps) {
  if (!learnt || learnt.typed === shaving) return null
  return (
    <p className="mt-1">
      {told(learnt.says)} <Button onClick={() => onTake(learnt.typed)}>Use that</Button>
    </p>
  )
}
