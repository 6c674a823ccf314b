import { useQuery } from '@tanstack/react-query'
import { useSearchParams } from 'react-router'
import type { Schemas } from '@/api/client'
import { rack } from '@/api/queries'
import { RACK_HEIGHT, StoneRack } from '@/drawings/StoneRack'
import { Board } from '@/parts/Board'
import { Button } from '@/parts/Button'
import { Heading } from '@/parts/Heading'
import { NextStroke } from '@/parts/NextStroke'
import { Lost, Waiting } from '@/parts/Notice'
import { Sheet } from '@/parts/Sheet'
import { EdgesNav } from '@/places/edges/EdgesNav'
import { RackCosts } from './RackCosts'
import { StoneForm } from './StoneForm'
import { StoneList } from './StoneList'
import { told } from '@/parts/told'

/** Everything that cuts steel here: on one scale, how worn and how flat, what it costs. */
export function RackPage() {
  const { data, error } = useQuery(rack())
  const [search, setSearch] = useSearchParams()
  if (error && !data) return <Lost problem={error} />
  if (!data) return <Waiting />
  const chosen = search.get('stone')
  const stone = data.stones.find((row) => String(row.id) === chosen)
  const done = () => setSearch({}, { replace: true })

  return (
    <>
      <Heading
        title="The rack"
        says="Stones, papers, films, plates, strops, wheels and files by the size of their particles."
      />
      <EdgesNav />
      <Board
        drawing={<RackSheet rack={data} />}
        below={<StoneList stones={data.stones} onEdit={(id) => setSearch({ stone: String(id) })} />}
        column={
          chosen === null ? (
            <>
              <NextStroke {...data.next}>
                <Button writes weight="main" onClick={() => setSearch({ stone: 'new' })}>
                  Add a stone, paper or plate
                </Button>
              </NextStroke>
              <Notes notes={data.notes} />
              <RackCosts rack={data} />
            </>
          ) : (
            <StoneForm key={chosen} rack={data} stone={stone ?? null} onDone={done} />
          )
        }
      />
    </>
  )
}

function RackSheet({ rack: { stones, gaps } }: { rack: Schemas['Rack'] }) {
  return (
    <Sheet
      title="The pieces of the rack by particle size"
      says={stones.map((one) => `${one.name}: ${one.particleUm} micrometres`).join('; ')}
      block={[
        ['Pieces', String(stones.length)],
        ['Scale', 'median particle size, µm, logarithmic'],
        ['Below', 'how many times finer the next one is'],
      ]}
      height={() => RACK_HEIGHT}
    >
      {({ width }) => <StoneRack stones={stones} gaps={gaps} width={width} />}
    </Sheet>
  )
}

function Notes({ notes }: { notes: readonly Schemas['RackNote'][] }) {
  if (notes.length === 0) return null
  return (
    <ul className="mt-5 border-t border-rule" aria-label="What to know about the rack">
      {notes.map((note) => (
        <li key={note.says} className="border-b border-rule py-1.5">
          {told(note.says)}
        </li>
      ))}
    </ul>
  )
}
