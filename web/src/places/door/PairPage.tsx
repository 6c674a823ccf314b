import { answered, client } from '@/api/client'
import { Button } from '@/parts/Button'
import { Complaint } from '@/parts/Keeping'
import { Door } from './Door'
import { keyHere, useThrough } from './useThrough'

/** The code of a screen, read by a phone: taken at a touch, for what only looks at an address must not take it. */
export function PairPage() {
  const { through, isBusy } = useThrough(() =>
    answered(client.POST('/api/pair', { body: { key: keyHere() } })),
  )
  return (
    <Door title="This phone at the bench" says="Signed in for the one bench that the screen shows.">
      <Complaint problem={through.error} besides={[]} />
      <p>
        <Button weight="main" disabled={isBusy} onClick={() => through.mutate(undefined)}>
          Sign this phone in
        </Button>
      </p>
    </Door>
  )
}
