import { useQuery } from '@tanstack/react-query'
import { Link, useParams } from 'react-router'
import { auger, augers, pulse } from '../../../api/queries'
import { Heading } from '../../../parts/Heading'
import { NextStroke } from '../../../parts/NextStroke'
import { Lost, Waiting } from '../../../parts/Notice'
import { RecordNav } from '../../../parts/RecordNav'
import { EdgesNav } from '../EdgesNav'
import { AugerBench } from './AugerBench'

/** Auger bits: which bore clean, which want the file, which only jam. */
export function AugersPage() {
  const { id } = useParams()
  const { data, error } = useQuery(augers())
  if (error) return <Lost problem={error} />
  if (!data) return <Waiting />
  const set = data.sets.find((row) => String(row.id) === id) ?? data.sets[0]

  return (
    <>
      <Heading title="Augers" says="Spurs against twist, bit by bit; filed on the inside only." />
      <EdgesNav />
      {data.sets.length > 1 && (
        <RecordNav
          label="Sets of bits"
          rows={data.sets.map((row) => ({
            to: `/edges/augers/${row.id}`,
            text: row.name,
            here: row.id === set?.id,
          }))}
        />
      )}
      {set ? <OneSet key={set.id} id={set.id} /> : <FirstSet />}
    </>
  )
}

function OneSet({ id }: { id: number }) {
  const { data, error } = useQuery(auger(id))
  const unit = useQuery(pulse()).data?.unit
  if (error) return <Lost problem={error} />
  return data && unit ? <AugerBench page={data} unit={unit} /> : <Waiting />
}

function FirstSet() {
  return (
    <div className="max-w-2xl">
      <NextStroke
        says="Hang up a set of auger bits first."
        why="Say its smallest and its largest; each bit between has its place here."
      >
        <Link
          to="/kit/add?kind=auger-bits"
          className="flex min-h-11 items-center bg-ink px-4 font-bold text-on-ink"
        >
          Add a set
        </Link>
      </NextStroke>
    </div>
  )
}
