import { useQuery } from '@tanstack/react-query'
import { answered, client, type Schemas, type ReadingsByName } from '@/api/client'
import { augerBitPreview } from '@/api/queries'
import { AugerNoseDrawing } from '@/drawings/AugerNoseDrawing'
import { Complaint, Keeping } from '@/parts/Keeping'
import { Lines } from '@/parts/Lines'
import { NextStroke } from '@/parts/NextStroke'
import { OneOf } from '@/parts/OneOf'
import { Overtaken } from '@/parts/Overtaken'
import { readingOf } from '@/parts/readingOf'
import { Readings } from '@/parts/Readings'
import { StartAtBench } from '@/parts/StartAtBench'
import { useChange } from '@/parts/useChange'
import { useToBench } from '@/parts/useToBench'
import { useTyped } from '@/parts/useTyped'

interface BitBenchProps {
  set: number
  running: number | null
  bit: Schemas['AugerBit']
  unit: string
  caution: string
  onKept: () => void
}

const LENGTHS = ['spurs', 'twist', 'height', 'hole']

/** One bit in the hand: what the caliper says of it, and what becomes of it. */
export function BitBench({ set, running, bit, unit, caution, onKept }: BitBenchProps) {
  const draft = useTyped(
    `auger ${set} ${bit.sixteenths}`,
    { ...bit.figures, sharp: bit.sharp ? 'yes' : 'no' },
    unit,
    bit.version,
    LENGTHS,
  )
  const { sharp, ...figures } = draft.values
  const body = { sixteenths: bit.sixteenths, figures, sharp: sharp === 'yes' }
  const params = { path: { auger: set } }
  const preview = useQuery(augerBitPreview(set, body)).data
  const keep = useChange(
    () => answered(client.PUT('/api/augers/{auger}', { params, body: { ...body, version: draft.version } })),
    () => {
      draft.clear()
      onKept()
    },
  )
  const begin = useToBench(() => answered(client.POST('/api/augers/{auger}/sessions', { params, body })))
  const record = draft.touched && preview?.sound ? () => keep.mutate(undefined) : null
  const reading = readingOf(draft.values, preview?.figures, draft.change)

  return (
    <>
      {draft.overtaken && <Overtaken name={bit.name} onKeep={draft.keep} onDrop={draft.clear} />}
      <Readings title={`The ${bit.name} bit`} onRecord={record}>
        {reading('spurs', 'Across the spurs', undefined, 0.1)}
        {reading('twist', 'Across the twist', 'just behind the cutters', 0.1)}
        {reading('height', 'Spurs stand before the cutters by', undefined, 0.1)}
        {reading('hole', 'A test hole: its depth', 'only if you bored one', 1)}
        {reading('turns', 'in so many turns', undefined, 1)}
        <OneOf
          label="cuts clean as it is"
          words={['yes', 'no']}
          value={sharp ?? 'no'}
          onChange={(text) => draft.change('sharp', text)}
        />
      </Readings>
      <NextStroke says={preview?.next.says ?? 'Working it out…'} why={preview?.next.why ?? ''}>
        {!draft.touched && (running !== null || preview?.verdict === 'file') && (
          <StartAtBench running={running} onStart={() => begin.mutate(undefined)} busy={begin.isPending} />
        )}
        {draft.touched && <Keeping onKeep={record} onDrop={draft.clear} busy={keep.isPending} />}
      </NextStroke>
      <Complaint problem={keep.error ?? begin.error} besides={LENGTHS.map((name) => `figures.${name}`)} />
      {preview && <Nose figures={preview.figures} />}
      <Lines lines={[...(preview?.lines ?? []), ...(bit.before ? [bit.before] : [])]} />
      <p className="mt-4 border-l-4 border-red pl-3 text-sm">{caution}</p>
    </>
  )
}

function Nose({ figures }: { figures: ReadingsByName }) {
  const { spurs, twist, height } = figures
  if (!spurs?.value || !twist?.value) return null
  const says = (figure: Schemas['Reading']) => figure.understood?.split(' · ')[0] ?? figure.typed
  return (
    <svg
      role="img"
      aria-label="The bit’s nose: spurs against twist"
      viewBox="0 0 360 220"
      className="mt-3 block w-full border border-rule bg-sheet"
    >
      <AugerNoseDrawing
        spursMm={spurs.value}
        twistMm={twist.value}
        heightMm={height?.value ?? null}
        labels={{
          spurs: `spurs ${says(spurs)}`,
          twist: `twist ${says(twist)}`,
          height: height?.value ? says(height) : null,
        }}
        width={360}
        height={220}
      />
    </svg>
  )
}
