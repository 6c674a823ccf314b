import { useQuery } from '@tanstack/react-query'
import { pulse, sawPage, saws } from '@/api/queries'
import { Lost, Waiting } from '@/parts/Notice'
import { ByTool } from '@/places/edges/ByTool'
import { SawBench } from './SawBench'

/** Saws: their teeth from their numbers, and how they are filed. */
export function SawsPage() {
  const { data, error } = useQuery(saws())
  return (
    <ByTool
      title="Saws"
      says="What each number of a tooth does, which file, and how many strokes."
      place="/edges/saws"
      tools={data?.saws}
      problem={error}
      empty={{
        says: 'Hang up a saw first.',
        why: 'Back saws, handsaws and pull saws have their teeth here; blades of frames are changed instead.',
        to: '/kit/add?group=saws',
        button: 'Add a saw',
      }}
    >
      {(id) => <OneSaw key={id} id={id} />}
    </ByTool>
  )
}

function OneSaw({ id }: { id: number }) {
  const { data, error } = useQuery(sawPage(id))
  const unit = useQuery(pulse()).data?.unit
  if (error && !data) return <Lost problem={error} />
  return data && unit ? <SawBench page={data} unit={unit} /> : <Waiting />
}
