import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { answered, client, Refused, type Schemas } from '@/api/client'
import { benches, pulse } from '@/api/queries'
import { leaveBehind } from '@/api/away'
import { changeBench } from '@/parts/draftsOfBench'
import { Button } from '@/parts/Button'
import { Heading } from '@/parts/Heading'
import { Complaint } from '@/parts/Keeping'
import { Lost, Waiting } from '@/parts/Notice'
import { PlainField } from '@/parts/PlainField'
import { useChange } from '@/parts/useChange'
import { BringBench } from './BringBench'

/** Every bench on this machine: the demo's and one's own. Each stays as it is while the user stands at another. */
export function BenchesPage() {
  const { data, error } = useQuery(benches())
  // In a shared shop backups are made in the terminal.
  const alone = useQuery(pulse()).data?.person === ''
  const here = data?.benches.find((bench) => bench.isHere)
  const arrive = (id: number) => {
    if (here) changeBench(here.id, id)
    // All that was fetched belongs to the bench that is left.
    void leaveBehind().finally(() => window.location.assign('/'))
  }
  const enter = useChange(
    (place: number) => answered(client.POST('/api/benches/{place}/enter', { params: { path: { place } } })),
    (_, place) => arrive(place),
  )
  const [name, setName] = useState('')
  const begin = useChange(
    (named: string) => answered(client.POST('/api/benches', { body: { name: named } })),
    (answer) => arrive(answer.benches[0]?.id ?? 0),
  )
  const takeBack = useChange(
    (bench: Schemas['ListedBench']) =>
      answered(client.DELETE('/api/benches/{place}/brought', { params: { path: { place: bench.id } } })),
    (answer, bench) => bench.isHere && arrive(answer.benches[0]?.id ?? 0),
  )
  const refused = begin.error instanceof Refused ? begin.error : null
  if (error && !data) return <Lost problem={error} />
  if (!data) return <Waiting />

  return (
    <>
      <Heading title="Benches" says="Each keeps its own tools, edges, references and diary." />
      <div className="max-w-2xl">
        <ul className="mt-4 border-t border-rule">
          {data.benches.map((bench) => (
            <li
              key={bench.id}
              className="flex min-h-14 flex-wrap items-center gap-x-4 border-b border-rule py-1.5"
            >
              <span className="min-w-40 grow">
                <strong>{bench.name}</strong>
                <span className="block text-sm text-soft">
                  {counted(bench.tools, 'tool')}, {counted(bench.entries, 'diary line')}
                </span>
              </span>
              <span className="ml-auto flex items-center gap-4">
                {bench.justBrought && (
                  <Button disabled={takeBack.isPending} onClick={() => takeBack.mutate(bench)}>
                    Take it back
                  </Button>
                )}
                {bench.isHere ? (
                  <span className="text-soft">You are here</span>
                ) : (
                  <Button
                    disabled={enter.isPending}
                    onClick={() => enter.mutate(bench.id)}
                    aria-label={`Go to ${bench.name}`}
                  >
                    Go there
                  </Button>
                )}
              </span>
            </li>
          ))}
        </ul>
        <p className="mt-4">
          <a href="/api/bench/whole.zip" className="underline underline-offset-4">
            The whole bench as one file
          </a>
          <span className="block text-sm text-soft">
            Every record and photograph in open formats, told in the file itself.
          </span>
        </p>
        {alone && (
          <p className="mt-4">
            <Link to="/backups" className="underline underline-offset-4">
              Backups of all of them
            </Link>
          </p>
        )}
        <Complaint problem={takeBack.error} besides={[]} />
        <BringBench onBrought={arrive} />
        <h2 className="mt-6 text-lg">Begin an empty bench</h2>
        <form
          className="flex items-end gap-4"
          onSubmit={(event) => {
            event.preventDefault()
            begin.mutate(name)
          }}
        >
          <span className="grow">
            <PlainField
              label="Name of the bench"
              wide
              value={name}
              error={refused?.about('name')}
              onChange={setName}
            />
          </span>
          <Button weight="main" type="submit" disabled={begin.isPending}>
            Begin
          </Button>
        </form>
      </div>
    </>
  )
}

const counted = (count: number, thing: string) => `${count} ${thing}${count === 1 ? '' : 's'}`
