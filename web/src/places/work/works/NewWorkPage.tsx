import { useQuery } from '@tanstack/react-query'
import { useNavigate, useSearchParams } from 'react-router'
import { answered, client, Refused, type Schemas } from '@/api/client'
import { pulse, workPreview, works } from '@/api/queries'
import { Board } from '@/parts/Board'
import { Button } from '@/parts/Button'
import { capital } from '@/parts/capital'
import { Heading } from '@/parts/Heading'
import { NextStroke } from '@/parts/NextStroke'
import { Complaint } from '@/parts/Keeping'
import { Lost, Waiting } from '@/parts/Notice'
import { useTyped } from '@/parts/useTyped'
import { useChange } from '@/parts/useChange'
import { WorkNav } from '@/places/work/WorkNav'
import { TaskList } from './TaskList'
import { lengthsOf, requestOf, sentOf } from './workForm'
import { WorkForm } from './WorkForm'
import { WorkSheet } from './WorkSheet'

/** A work taken up: what it is like, its sizes, and at once what it takes. */
export function NewWorkPage() {
  const [search] = useSearchParams()
  const { data, error } = useQuery(works())
  const { data: watched } = useQuery(pulse())
  if (error && !data) return <Lost problem={error} />
  if (!data || !watched) return <Waiting />
  const pattern = data.patterns.find((row) => row.id === search.get('pattern')) ?? null
  return <NewWork key={pattern?.id ?? 'own'} pattern={pattern} unit={watched.unit} />
}

const BASE = { weight: '1', hardness: 'medium' }

function NewWork({ pattern, unit }: { pattern: Schemas['Pattern'] | null; unit: string }) {
  const draft = useTyped(`work ${pattern?.id ?? 'own'}`, BASE, unit, 1, lengthsOf(pattern))
  const preview = useQuery(workPreview(sentOf(pattern, draft.values))).data
  const add = useAdd(draft.clear)
  const refused = add.error instanceof Refused ? add.error : null
  const record =
    preview?.sound && preview.tasks.length > 0 ? () => add.mutate(requestOf(pattern, draft.values)) : null

  return (
    <>
      <Heading
        title={pattern ? capital(pattern.name) : 'A work of your own'}
        says={pattern?.says ?? 'Add the operations it takes, each with its numbers.'}
      />
      <WorkNav />
      <Board
        drawing={
          <WorkSheet
            name={draft.values.name || (pattern?.name ?? 'your own work')}
            says={pattern?.says ?? ''}
            pattern={pattern}
            values={draft.values}
            preview={preview}
          />
        }
        below={
          <section>
            <h2 className="mb-1 text-lg">What it asks for</h2>
            <TaskList tasks={preview?.tasks ?? []} />
          </section>
        }
        next={
          <NextStroke
            says={preview?.sentence ?? 'Working it out…'}
            why="Once added, it counts in the plan: the ladder leads to it."
          >
            <Button
              writes
              weight="main"
              keys="Ctrl Enter"
              disabled={!record || add.isPending}
              onClick={() => record?.()}
            >
              Add this work
            </Button>
          </NextStroke>
        }
        column={
          <>
            <div className="mt-6">
              <WorkForm
                pattern={pattern}
                values={draft.values}
                preview={preview}
                onChange={draft.change}
                onRecord={record}
                nameError={refused?.about('name')}
              />
            </div>
            <Complaint problem={add.error} besides={['name']} />
          </>
        }
      />
    </>
  )
}

function useAdd(onAdded: () => void) {
  const navigate = useNavigate()
  return useChange(
    (body: Schemas['WorkRequest']) => answered(client.POST('/api/works', { body })),
    () => {
      onAdded()
      void navigate('/kit/ladder')
    },
  )
}
