import { useEffect } from 'react'
import { Button } from '@/parts/Button'
import { lastRecord, recordAgain } from '@/parts/lastRecord'
import { useChange } from '@/parts/useChange'
import { Panel } from './Panel'

const AGAIN = 'record-again'

/** The last record once more, after a look at it: a key alone must not write. */
export function RepeatDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Panel title="Record it again" open={open} onClose={onClose}>
      <Repeat onClose={onClose} />
    </Panel>
  )
}

function Repeat({ onClose }: { onClose: () => void }) {
  const last = lastRecord()
  const again = useChange(async () => {
    if (last) await recordAgain(last)
  }, onClose)
  // Asked for by a key: Enter is what follows.
  useEffect(() => document.getElementById(AGAIN)?.focus(), [])
  if (!last)
    return (
      <p className="text-soft">
        Nothing was recorded in this window that can be recorded again: the use of a tool, or an entry of an
        edge.
      </p>
    )
  return (
    <>
      <p className="font-slab text-xl font-semibold">{last.says}</p>
      <p className="mt-1 text-soft">Once more, today.</p>
      <p className="mt-3">
        <Button
          writes
          weight="main"
          id={AGAIN}
          disabled={again.isPending}
          onClick={() => again.mutate(undefined)}
        >
          Record it again
        </Button>
      </p>
      {again.error && (
        <p role="alert" className="mt-2 font-bold text-red">
          {again.error.message}
        </p>
      )}
    </>
  )
}
