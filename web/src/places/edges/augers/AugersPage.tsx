import { useQuery } from '@tanstack/react-query'
import { auger, augers, pulse } from '@/api/queries'
import { Lost, Waiting } from '@/parts/Notice'
import { ByTool } from '@/places/edges/ByTool'
import { AugerBench } from './AugerBench'

/** Auger bits: which bore clean, which want the file, which only jam. */
export function AugersPage() {
  const { data, error } = useQuery(augers())
  return (
    <ByTool
      title="Augers"
      says="Spurs against twist, bit by bit; filed on the inside only."
      place="/edges/augers"
      tools={data?.sets}
      problem={error}
      empty={{
        says: 'Hang up a set of auger bits first.',
        why: 'Say its smallest and its largest; each bit between has its place here.',
        to: '/kit/add?kind=auger-bits',
        button: 'Add a set',
      }}
    >
      {(id) => <OneSet key={id} id={id} />}
    </ByTool>
  )
}

function OneSet({ id }: { id: number }) {
  const { data, error } = useQuery(auger(id))
  const unit = useQuery(pulse()).data?.unit
  if (error && !data) return <Lost problem={error} />
  return data && unit ? <AugerBench page={data} unit={unit} /> : <Waiting />
}
