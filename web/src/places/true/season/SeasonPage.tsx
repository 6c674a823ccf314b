import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { Schemas } from '@/api/client'
import { season } from '@/api/queries'
import { SeasonDrawing } from '@/drawings/SeasonDrawing'
import { Board } from '@/parts/Board'
import { Heading } from '@/parts/Heading'
import { How } from '@/parts/How'
import { Lines } from '@/parts/Lines'
import { MainLink } from '@/parts/MainLink'
import { NextStroke } from '@/parts/NextStroke'
import { Lost, Waiting } from '@/parts/Notice'
import { ReadingField } from '@/parts/ReadingField'
import { Sheet } from '@/parts/Sheet'
import { TrueNav } from '@/places/true/TrueNav'
import { AirNow } from './AirNow'
import { Forecasts } from './Forecasts'
import { Log } from './Log'
import { pageOf } from '@/shell/pages'

/** The air of the shop, what wood makes of it, and which reference it has probably moved. */
export function SeasonPage() {
  const [thickness, setThickness] = useState('')
  const { data, error } = useQuery(season(thickness))
  if (error && !data) return <Lost problem={error} />
  if (!data) return <Waiting />
  const claim = data.forecasts.find((one) => one.isClaim)

  return (
    <>
      <Heading
        title="The season"
        says="How damp your wood is by your shop’s own air, and which reference that has probably moved."
      />
      <TrueNav />
      <Board
        drawing={<Year data={data} />}
        below={
          <>
            <Lines lines={data.lines} />
            <Log data={data} />
          </>
        }
        next={
          <NextStroke says={data.next.says} why={data.next.why}>
            {claim && <MainLink to={pageOf({ kind: 'reference', id: claim.id })}>Test it</MainLink>}
            <How how={data.how} />
          </NextStroke>
        }
        column={
          <>
            <div className="mt-4" />
            <ReadingField
              label="Wood drawn"
              hint="its thickness: thick wood follows slowly"
              value={thickness}
              reading={data.thickness}
              usual={data.thick}
              stepMm={1}
              onChange={setThickness}
            />
            <Forecasts data={data} />
            <AirNow />
          </>
        }
      />
    </>
  )
}

function Year({ data }: { data: Schemas['Season'] }) {
  const { last } = data
  return (
    <Sheet
      title="The air of the shop and the wood in it"
      says={data.lines.join(' ')}
      block={[
        ['Thick line', `wood ${data.thick} thick`],
        ['Thin line', 'where it would come to rest'],
        ['Readings', String(data.count)],
        ...(last ? [['Last day', `${last.tempC} °C, ${last.lowRhPct} to ${last.highRhPct} %`] as const] : []),
      ]}
      height={(width) => Math.max(300, Math.min(430, width * 0.55))}
    >
      {(box) =>
        data.days.length > 0 ? (
          <SeasonDrawing days={data.days} gaps={data.gaps} {...box} />
        ) : (
          <text x={box.width / 2} y={box.height / 2} textAnchor="middle" className="fill-soft">
            The year is drawn here once its air is known.
          </text>
        )
      }
    </Sheet>
  )
}
