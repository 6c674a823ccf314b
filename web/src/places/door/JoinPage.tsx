import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answered, client, type Schemas } from '@/api/client'
import { ticket } from '@/api/queries'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { Complaint } from '@/parts/Keeping'
import { Waiting } from '@/parts/Notice'
import { SignInField } from '@/parts/SignInField'
import { Door } from './Door'
import { TooLate } from './TooLate'
import { keyHere, useThrough } from './useThrough'

const ACCOUNT = [
  { value: 'new', label: 'make one' },
  { value: 'known', label: 'I have one in this shop' },
] as const

/** An invitation: an account is made, or the one there is gets a place at another bench. */
export function JoinPage() {
  const key = keyHere()
  const { data, error } = useQuery(ticket(key))
  if (error) return <TooLate problem={error} />
  return data ? <Join ticket={data} ticketKey={key} /> : <Waiting />
}

function Join({ ticket, ticketKey }: { ticket: Schemas['Ticket']; ticketKey: string }) {
  const [name, setName] = useState('')
  const [password, setPassword] = useState('')
  const [account, setAccount] = useState<'new' | 'known'>('new')
  const isFirst = ticket.kind === 'owner'
  const isKnown = account === 'known'
  const { through, refused, isBusy } = useThrough(() =>
    answered(client.POST('/api/join', { body: { key: ticketKey, name, password, isKnown } })),
  )
  return (
    <Door
      title={isFirst ? 'The first account' : `Come to ${ticket.bench}`}
      says={isFirst ? 'It owns every bench that is here, and invites the others.' : `As ${ticket.role}.`}
    >
      <form
        onSubmit={(event) => {
          event.preventDefault()
          through.mutate(undefined)
        }}
      >
        {!isFirst && <Choice label="Account" value={account} options={ACCOUNT} onChange={setAccount} />}
        <SignInField
          kind="name"
          label="Name"
          value={name}
          onChange={setName}
          error={refused?.about('name')}
        />
        <SignInField
          kind={isKnown ? 'password' : 'new password'}
          label="Password"
          {...(!isKnown && {
            hint: 'At least 12 characters: three or four words that nobody else would take.',
          })}

          value={password}
          onChange={setPassword}
          error={refused?.about('password')}
        />
        <Complaint problem={through.error} besides={['name', 'password']} />
        <p className="mt-4">
          <Button weight="main" type="submit" disabled={isBusy}>
            {isKnown ? 'Sign in and come' : 'Make the account'}
          </Button>
        </p>
      </form>
    </Door>
  )
}
