import { useQuery } from '@tanstack/react-query'
import { Link, useNavigate, useParams, useSearchParams } from 'react-router'
import { answered, client } from '@/api/client'
import { diaryEntry } from '@/api/queries'
import { Button } from '@/parts/Button'
import { asDate } from '@/parts/dates'
import { Heading } from '@/parts/Heading'
import { NextStroke } from '@/parts/NextStroke'
import { Lost, Waiting } from '@/parts/Notice'
import { useChange } from '@/parts/useChange'
import { pageOf } from '@/shell/pages'

/** What was removed, and the way back. */
export function RemovedPage() {
  const id = Number(useParams().id)
  const from = useList()
  const navigate = useNavigate()
  const { data, error } = useQuery(diaryEntry(id))
  const bringBack = useChange(
    () => answered(client.POST('/api/diary/{entry}/undo', { params: { path: { entry: id } } })),
    ({ about }) => void navigate(about === null ? from : pageOf(about), { replace: true }),
  )
  if (error && !data) return <Lost problem={error} />
  if (!data) return <Waiting />

  return (
    <>
      <Heading title={data.undone ? 'Brought back' : 'Removed'} says={asDate(data.writtenAt)} />
      <div className="max-w-2xl">
        <NextStroke
          says={data.sentence}
          why={
            data.undone
              ? 'It is back where it was, with everything that belongs to it.'
              : 'Nothing is lost: it can be brought back now, or from the diary at any time.'
          }
        >
          {data.undoable && (
            <Button
              writes
              weight="main"
              disabled={bringBack.isPending}
              onClick={() => bringBack.mutate(undefined)}
            >
              Bring it back
            </Button>
          )}
          <Link to={from} className="min-h-8 underline underline-offset-4">
            Go on
          </Link>
        </NextStroke>
        {bringBack.error && (
          <p role="alert" className="mt-2 font-bold text-red">
            {bringBack.error.message}
          </p>
        )}
      </div>
    </>
  )
}

/** The list it was removed from: a page of this application, whatever the address says. */
function useList(): string {
  const from = useSearchParams()[0].get('from') ?? ''
  return /^\/[a-z]/.test(from) ? from : '/diary'
}
