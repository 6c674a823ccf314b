import { Button } from '@/parts/Button'
import { useInstrument } from './useInstrument'

interface FromInstrumentProps {
  says: string
  /** Where along the reference it is to read, mm. */
  places: readonly number[]
  onRead: (typed: readonly string[]) => void
}

/** Asks the user's instrument for its readings; not there while no instrument is listened to. */
export function FromInstrument({ says, places, onRead }: FromInstrumentProps) {
  const { isThere, busy, problem, readAll } = useInstrument()
  if (!isThere) return null
  const read = async () => {
    const typed = await readAll(places)
    if (typed) onRead(typed)
  }
  return (
    <span className="text-sm">
      <Button disabled={busy || places.length === 0} onClick={() => void read()}>
        {busy ? 'Reading …' : says}
      </Button>
      {problem && (
        <strong role="alert" className="block text-red">
          {problem}
        </strong>
      )}
    </span>
  )
}
