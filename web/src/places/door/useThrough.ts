import { useMutation } from '@tanstack/react-query'
import { leaveBehind } from '@/api/away'
import { Refused } from '@/api/client'

/** Through the door: what was refused stands beside its field; else the bench is asked for anew, as whoever came in. */
export function useThrough<Sent>(send: (sent: Sent) => Promise<unknown>, to = '/') {
  const through = useMutation({
    mutationFn: send,
    onSuccess: () => leaveBehind().finally(() => window.location.assign(to)),
  })
  const refused = through.error instanceof Refused ? through.error : null
  return { through, refused, isBusy: through.isPending || through.isSuccess }
}

/** The key of a ticket, which stands behind the # so that no log on the way keeps it. */
export const keyHere = () => window.location.hash.slice(1)

/** Where somebody wanted to before they were asked to sign in; nowhere but here. */
export function wantedPage(search: string): string {
  const to = new URLSearchParams(search).get('to') ?? '/'
  return /^\/(?![/\\])/.test(to) ? to : '/'
}
