import { useQuery } from '@tanstack/react-query'
import { Link, useParams } from 'react-router'
import { pulse, sawPage, saws } from '../../../api/queries'
import { Heading } from '../../../parts/Heading'
import { NextStroke } from '../../../parts/NextStroke'
import { Lost, Waiting } from '../../../parts/Notice'
import { RecordNav } from '../../../parts/RecordNav'
import { EdgesNav } from '../EdgesNav'
import { SawBench } from './SawBench'

/** Saws: their teeth from their numbers, and how they are filed. */
export function SawsPage() {
  const { id } = useParams()
  const { data, error } = useQuery(saws())
  if (error) return <Lost problem={error} />
  if (!data) return <Waiting />
  const saw = data.saws.find((row) => String(row.id) === id) ?? data.saws[0]

  return (
    <>
      <Heading title="Saws" says="What each number of a tooth does, which file, and how many strokes." />
      <EdgesNav />
      <RecordNav
        label="Saws"
        rows={data.saws.map((row) => ({
          to: `/edges/saws/${row.id}`,
          text: row.name,
          here: row.id === saw?.id,
        }))}
      />
      {saw ? <OneSaw key={saw.id} id={saw.id} /> : <FirstSaw />}
    </>
  )
}

function OneSaw({ id }: { id: number }) {
  const { data, error } = useQuery(sawPage(id))
  const unit = useQuery(pulse()).data?.unit
  if (error) return <Lost problem={error} />
  return data && unit ? <SawBench page={data} unit={unit} /> : <Waiting />
}

function FirstSaw() {
  return (
    <div className="max-w-2xl">
      <NextStroke
        says="Hang up a saw first."
        why="Back saws, handsaws and pull saws have their teeth here; blades of frames are changed instead."
      >
        <Link
          to="/kit/add?group=saws"
          className="flex min-h-11 items-center bg-ink px-4 font-bold text-on-ink"
        >
          Add a saw
        </Link>
      </NextStroke>
    </div>
  )
}
