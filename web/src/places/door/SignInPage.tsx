import { useState } from 'react'
import { answered, client } from '@/api/client'
import { Button } from '@/parts/Button'
import { Complaint } from '@/parts/Keeping'
import { SignInField } from '@/parts/SignInField'
import { Door } from './Door'
import { useThrough, wantedPage } from './useThrough'

/** By name and password. */
export function SignInPage() {
  const [name, setName] = useState('')
  const [password, setPassword] = useState('')
  const { through, refused, isBusy } = useThrough(
    () => answered(client.POST('/api/sign-in', { body: { name, password } })),
    wantedPage(window.location.search),
  )
  return (
    <Door title="Sign in" says="This shop is shared. Each has a name and a password here.">
      <form
        onSubmit={(event) => {
          event.preventDefault()
          through.mutate(undefined)
        }}
      >
        <SignInField
          kind="name"
          label="Name"
          value={name}
          onChange={setName}
          error={refused?.about('name')}
        />
        <SignInField
          kind="password"
          label="Password"
          value={password}
          onChange={setPassword}
          error={refused?.about('password')}
        />
        <Complaint problem={through.error} besides={['name', 'password']} />
        <p className="mt-4">
          <Button weight="main" type="submit" disabled={isBusy}>
            Sign in
          </Button>
        </p>
      </form>
      <p className="mt-6 text-sm text-soft">
        No account yet? An owner of the bench invites you. Forgotten the password? An owner hands you an
        address that takes a new one.
      </p>
    </Door>
  )
}
