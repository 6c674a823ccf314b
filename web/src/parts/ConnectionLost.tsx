import { isShared } from '@/api/away'
import { useConnection } from '@/api/connection'
import type { Kept } from '@/api/outbox'
import { seenRefused } from '@/api/sending'
import { Button } from './Button'
import { asDay, asTime } from './dates'

/** Said at once, wherever one is on the page: the bench does not answer, and what waits for it. */
export function ConnectionLost() {
  const { lost, since, waiting, refused } = useConnection()
  if (!lost) return refused.length > 0 ? <NotTaken refused={refused} /> : null
  return (
    <div role="alert" className="sticky top-0 z-20 my-2 border-l-4 border-red bg-sheet py-2 pr-2 pl-3">
      <p className="font-bold text-red">
        {since
          ? `No connection: as of ${asDay(since.toISOString())}, ${asTime(since.toISOString())}.`
          : 'The bench does not answer. What is grey is no longer sure.'}
      </p>
      <p className="text-sm">
        {isShared()
          ? 'What you record is kept here, and sent when the shop answers.'
          : 'Start Jack Rest again on this machine. What you typed stays here.'}
      </p>
      {waiting.length > 0 && (
        <>
          <p className="mt-1 text-sm">Recorded, and sent as soon as it answers:</p>
          <ul className="text-sm">
            {waiting.map((one) => (
              <li key={one.key}>○ {one.says}</li>
            ))}
          </ul>
        </>
      )}
    </div>
  )
}

/** What waited and could not be written any more, and why: nothing is dropped unseen. */
function NotTaken({ refused }: { refused: readonly Kept[] }) {
  return (
    <div role="alert" className="my-2 border-l-4 border-red bg-sheet py-2 pr-2 pl-3">
      <p className="font-bold text-red">Recorded while the bench did not answer, and not taken now:</p>
      <ul>
        {refused.map((one) => (
          <li key={one.key} className="flex flex-wrap items-baseline gap-x-4">
            <span>
              {one.says}: {one.refused}
            </span>
            <Button onClick={() => seenRefused(one.key)}>Leave it</Button>
          </li>
        ))}
      </ul>
    </div>
  )
}
