import { useQuery } from '@tanstack/react-query'
import { pulse, wood, woodPreview } from '@/api/queries'
import type { Schemas } from '@/api/client'
import { LARGER, WoodDrawing } from '@/drawings/WoodDrawing'
import { Board } from '@/parts/Board'
import { Choice } from '@/parts/Choice'
import { Heading } from '@/parts/Heading'
import { How } from '@/parts/How'
import { Lines } from '@/parts/Lines'
import { NextStroke } from '@/parts/NextStroke'
import { Lost, Waiting } from '@/parts/Notice'
import { readingOf } from '@/parts/readingOf'
import { Readings } from '@/parts/Readings'
import { Sheet } from '@/parts/Sheet'
import { useTyped } from '@/parts/useTyped'
import { TrueNav } from '@/places/true/TrueNav'

const BASE = {
  species: 'black cherry',
  ring: '90',
  width: '45 mm',
  length: '200 mm',
  runout: '2',
  tempBefore: '20',
  rhBefore: '50',
  tempAfter: '5',
  rhAfter: '85',
}

/** How a piece of wood moves from one air to another: its width, its edges, a square cut in it. */
export function WoodPage() {
  const { data, error } = useQuery(wood())
  const unit = useQuery(pulse()).data?.unit
  if (error && !data) return <Lost problem={error} />
  return data && unit ? <Page data={data} unit={unit} /> : <Waiting />
}

function Page({ data, unit }: { data: Schemas['Wood']; unit: string }) {
  const draft = useTyped('wood', BASE, unit, 1, ['width', 'length'])
  const { species = BASE.species, ...figures } = draft.values
  const preview = useQuery(woodPreview({ species, figures })).data
  const reading = readingOf(draft.values, preview?.figures, draft.change)

  return (
    <>
      <Heading
        title="Wood"
        says="How a piece moves from one air to another, and whether it can be trusted then."
      />
      <TrueNav />
      <Board
        drawing={<EndOfBoard preview={preview} />}
        below={<Lines lines={preview?.lines} />}
        next={
          <NextStroke says={preview?.next.says ?? 'Working it out…'} why={preview?.next.why ?? ''}>
            {preview && <How how={preview.how} />}
          </NextStroke>
        }
        column={
          <>
            <Readings title="The piece" onRecord={null}>
              <Choice
                label="Wood"
                hint="shrinks by radius / by rings"
                value={species}
                options={data.species}
                onChange={(name) => draft.change('species', name)}
              />
              {reading('ring', 'Rings to the face', '0° flatsawn, 90° quartersawn', 5)}
              {reading('width', 'Width', 'across the grain', 1)}
              {reading('length', 'Length of its edge', undefined, 10)}
              {reading('runout', 'Grain runs out by', 'degrees to the edge', 1)}
            </Readings>
            <Air when="Before" title="It was true in" reading={reading} />
            <Air when="After" title="It will be in" reading={reading} />
          </>
        }
      />
    </>
  )
}

interface AirProps {
  when: 'Before' | 'After'
  title: string
  reading: ReturnType<typeof readingOf>
}

function Air({ when, title, reading }: AirProps) {
  return (
    <div className="mt-4">
      <Readings title={title} onRecord={null}>
        {reading(`temp${when}`, 'Temperature', '°C, or say °F', 1)}
        {reading(`rh${when}`, 'Humidity', 'per cent', 5)}
        {reading(`mc${when}`, 'or the wood’s moisture', 'per cent, by a meter', 1)}
      </Readings>
    </div>
  )
}

function EndOfBoard({ preview }: { preview: Schemas['WoodPreview'] | undefined }) {
  const { changeMm = null, change = null, widthMm = null, ringDeg = 0 } = preview ?? {}
  return (
    <Sheet
      title="The end of the piece"
      says={preview?.next.says ?? ''}
      block={[
        ['Change', change ?? 'not known yet'],
        ['Rings', `${Math.round(ringDeg)}° to the face`],
        ['Dashed', `what it becomes, the change × ${LARGER}`],
      ]}
      height={(width) => Math.max(200, Math.min(300, width * 0.4))}
    >
      {(box) =>
        changeMm !== null && change !== null && widthMm !== null ? (
          <WoodDrawing widthMm={widthMm} ringDeg={ringDeg} changeMm={changeMm} change={change} {...box} />
        ) : (
          <text x={box.width / 2} y={box.height / 2} textAnchor="middle" className="fill-soft">
            It is drawn here once its width and both airs are known.
          </text>
        )
      }
    </Sheet>
  )
}
