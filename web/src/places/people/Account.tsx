import { useState } from 'react'
import { leaveBehind } from '@/api/away'
import { answered, client, Refused } from '@/api/client'
import { emptyButOutbox } from '@/api/outbox'
import { Button } from '@/parts/Button'
import { Complaint } from '@/parts/Keeping'
import { SignInField } from '@/parts/SignInField'
import { useChange } from '@/parts/useChange'

/** One's own password and account. */
export function Account({ name }: { name: string }) {
  const [current, setCurrent] = useState('')
  const [password, setPassword] = useState('')
  const empty = () => {
    setCurrent('')
    setPassword('')
  }
  const change = useChange(
    () => answered(client.PUT('/api/password', { body: { current, password } })),
    empty,
  )
  const leave = useChange(() => answered(client.DELETE('/api/account', { body: { current } })), gone)
  const out = useChange(() => answered(client.DELETE('/api/sign-in')), gone)
  const problem = change.error ?? leave.error
  const refused = problem instanceof Refused ? problem : null
  return (
    <section className="mt-6" aria-label="Your account">
      <h2 className="text-lg">Your account: {name}</h2>
      <details className="border-t border-rule py-2">
        <summary className="cursor-pointer">Change the password, or remove the account</summary>
        <SignInField
          kind="password"
          label="Your password now"
          value={current}
          onChange={setCurrent}
          error={refused?.about('current')}
        />
        <SignInField
          kind="new password"
          label="A new one"
          hint="At least 12 characters. Every other device is signed out."
          value={password}
          onChange={setPassword}
          error={refused?.about('password')}
        />
        {change.isSuccess && <p role="status">✓ Changed; every other device is signed out.</p>}
        <p className="mt-3 flex flex-wrap gap-x-5 gap-y-2">
          <Button
            disabled={change.isPending || !current || !password}
            onClick={() => change.mutate(undefined)}
          >
            Change it
          </Button>
          <Button disabled={leave.isPending || !current} onClick={() => leave.mutate(undefined)}>
            Remove my account
          </Button>
        </p>
        <p className="mt-1 text-sm text-soft">What you wrote stays in the diary, under your name.</p>
        <Complaint problem={problem} besides={['current', 'password']} />
      </details>
      <p className="mt-2">
        <Button disabled={out.isPending} onClick={() => out.mutate(undefined)}>
          Sign out
        </Button>
      </p>
      <Complaint problem={out.error} besides={[]} />
    </section>
  )
}

/** Nothing that was typed or seen is left for whoever comes next; what waits to be sent is whoever's recorded it. */
function gone(): void {
  emptyButOutbox()
  void leaveBehind().finally(() => window.location.assign('/sign-in'))
}
