import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import type { Schemas } from '../../api/client'
import { edges } from '../../api/queries'
import { EdgeSection } from '../../drawings/EdgeSection'
import { RACK_HEIGHT, StoneRack } from '../../drawings/StoneRack'
import { asDate } from '../../parts/dates'
import { Heading } from '../../parts/Heading'
import { Lost, Waiting } from '../../parts/Notice'
import { Sheet } from '../../parts/Sheet'

/** Every cutting edge as a small section, worst first, and the stones. */
export function EdgesPlace() {
  const { data, error } = useQuery(edges())
  if (error) return <Lost problem={error} />
  if (!data) return <Waiting />
  const blunt = data.edges.filter((edge) => edge.condition !== 'sharp').length

  return (
    <>
      <Heading
        title="Edges"
        says={
          blunt === 0
            ? 'All of them are sharp.'
            : `${blunt} of ${data.edges.length} want honing; worst first.`
        }
      />
      <ul className="grid gap-x-8 sm:grid-cols-2 xl:grid-cols-3">
        {data.edges.map((edge) => (
          <li key={edge.id} className="border-t border-rule">
            <Row edge={edge} />
          </li>
        ))}
      </ul>
      {data.edges.length === 0 && (
        <p className="text-soft">Edges belong here. They come with the tools you get.</p>
      )}
      <h2 className="mt-6 mb-2 text-lg">The rack</h2>
      <Sheet
        title="The stones of the rack by particle size"
        says={data.rack.map((stone) => `${stone.name}: ${stone.particleUm} micrometres`).join('; ')}
        block={[
          ['Stones', String(data.rack.length)],
          ['Scale', 'median particle size, µm, logarithmic'],
        ]}
        height={() => RACK_HEIGHT}
      >
        {({ width }) => <StoneRack stones={data.rack} width={width} />}
      </Sheet>
    </>
  )
}

function Row({ edge }: { edge: Schemas['Edge'] }) {
  const sharp = edge.condition === 'sharp'
  return (
    <Link to={`/edges/${edge.id}`} className="flex items-center gap-4 py-2 hover:bg-wood">
      <EdgeSection edge={edge} />
      <span className="min-w-0">
        <strong className="block underline decoration-rule underline-offset-4">{edge.name}</strong>
        <span className={sharp ? 'block' : 'block font-bold text-red'}>
          {sharp ? '✓ ' : '○ '}
          {edge.says}
        </span>
        <span className="block text-sm text-soft">
          {Math.round(edge.primaryDeg * 10) / 10}° ground
          {edge.secondaryDeg > edge.primaryDeg && `, ${Math.round(edge.secondaryDeg * 10) / 10}° honed`}
        </span>
        {edge.honedOn && <span className="block text-sm text-soft">honed {asDate(edge.honedOn)}</span>}
      </span>
    </Link>
  )
}
