import { useQuery } from '@tanstack/react-query'
import { answered, client, type Schemas } from '@/api/client'
import { scraperPreview } from '@/api/queries'
import { NARROW } from '@/drawings/besideEachOther'
import { ScraperDrawing } from '@/drawings/ScraperDrawing'
import { Board } from '@/parts/Board'
import { How } from '@/parts/How'
import { Complaint } from '@/parts/Keeping'
import { NextStroke } from '@/parts/NextStroke'
import { OneOf } from '@/parts/OneOf'
import { readingOf } from '@/parts/readingOf'
import { Readings } from '@/parts/Readings'
import { Sheet } from '@/parts/Sheet'
import { StartAtBench } from '@/parts/StartAtBench'
import { useToBench } from '@/parts/useToBench'
import { useTyped } from '@/parts/useTyped'
import { FilingPlan } from '@/places/edges/saws/FilingPlan'
import { Filings } from '@/places/edges/saws/Filings'

const BASE = { tilt: '10', free: '5', thickness: '0.8 mm', filed: 'yes' }

/** One scraper: how its burr is turned, and how it is held against the wood. */
export function ScraperBench({ page, unit }: { page: Schemas['ScraperPage']; unit: string }) {
  const draft = useTyped(`scraper ${page.id}`, BASE, unit, 1, ['thickness'])
  const { filed, ...figures } = draft.values
  const body = { figures, filed: filed === 'yes' }
  const preview = useQuery(scraperPreview(page.id, body)).data
  const begin = useToBench(() =>
    answered(
      client.POST('/api/scrapers/{scraper}/sessions', { params: { path: { scraper: page.id } }, body }),
    ),
  )
  const start = preview?.sound && page.running === null ? () => begin.mutate(undefined) : null
  const reading = readingOf(draft.values, preview?.figures, draft.change)

  return (
    <Board
      next={
        <NextStroke says={preview?.next.says ?? 'Working it out…'} why={preview?.next.why ?? ''}>
          <StartAtBench running={page.running} onStart={start} busy={begin.isPending} />
          {preview && <How how={preview.how} />}
        </NextStroke>
      }
      drawing={<BurrSheet name={page.name} preview={preview} />}
      below={
        <>
          <FilingPlan steps={preview?.steps ?? []} />
          <Filings title="Turned before" filings={page.turnings} />
        </>
      }
      column={
        <>
          <Readings title="The burr" onRecord={start}>
            {reading('tilt', 'Burnisher tilted by', 'from square across the edge, degrees', 1)}
            {reading('free', 'Kept free behind it', 'degrees', 1)}
            {reading('thickness', 'The card', 'its thickness', 0.1)}
            <OneOf
              label="file and hone it first"
              words={['yes', 'no']}
              value={filed ?? 'yes'}
              onChange={(text) => draft.change('filed', text)}
            />
          </Readings>
          <Complaint problem={begin.error} besides={[]} />
          {preview && <p className="mt-3 text-soft">{preview.lasts}</p>}
          <p className="mt-4 border-l-4 border-red pl-3 text-sm">{page.caution}</p>
        </>
      }
    />
  )
}

function BurrSheet({ name, preview }: { name: string; preview: Schemas['ScraperPreview'] | undefined }) {
  const drawn = preview?.drawn
  return (
    <Sheet
      title={`${name}, held to the wood`}
      says={preview?.next.why ?? ''}
      block={
        drawn
          ? [
              ['Lean it', `${drawn.leanDeg}°`],
              ['Face to the wood', `${drawn.cuttingDeg}°`],
            ]
          : []
      }
      height={(width) => Math.max(width < NARROW ? 420 : 240, Math.min(340, width * 0.45))}
    >
      {(box) =>
        drawn ? (
          <ScraperDrawing drawn={drawn} {...box} />
        ) : (
          <text x={box.width / 2} y={box.height / 2} textAnchor="middle" className="fill-soft">
            The scraper is drawn here once its tilt is typed.
          </text>
        )
      }
    </Sheet>
  )
}
