import { useState } from 'react'
import { answered, client } from '@/api/client'
import { Button } from '@/parts/Button'
import { Complaint } from '@/parts/Keeping'
import { SignInField } from '@/parts/SignInField'
import { Door } from './Door'
import { keyHere, useThrough } from './useThrough'

/** A new password, by an address that an owner handed out. */
export function RecoverPage() {
  const [password, setPassword] = useState('')
  const { through, refused, isBusy } = useThrough(() =>
    answered(client.POST('/api/recover', { body: { key: keyHere(), password } })),
  )
  return (
    <Door title="A new password" says="Every device that was signed in with the old one is signed out.">
      <form
        onSubmit={(event) => {
          event.preventDefault()
          through.mutate(undefined)
        }}
      >
        <SignInField
          kind="new password"
          label="New password"
          hint="At least 12 characters: three or four words that nobody else would take."
          value={password}
          onChange={setPassword}
          error={refused?.about('password')}
        />
        <Complaint problem={through.error} besides={['password']} />
        <p className="mt-4">
          <Button weight="main" type="submit" disabled={isBusy}>
            Take it, and sign in
          </Button>
        </p>
      </form>
    </Door>
  )
}
