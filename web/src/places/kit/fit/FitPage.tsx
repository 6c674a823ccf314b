import { useQuery } from '@tanstack/react-query'
import clsx from 'clsx'
import { useState } from 'react'
import { NavLink, useParams } from 'react-router'
import type { Schemas } from '@/api/client'
import { fits, fitPreview, pulse } from '@/api/queries'
import { NARROW } from '@/drawings/besideEachOther'
import { FitDrawing } from '@/drawings/fit/FitDrawing'
import { Board } from '@/parts/Board'
import { Choice } from '@/parts/Choice'
import { Heading } from '@/parts/Heading'
import { How } from '@/parts/How'
import { NextStroke } from '@/parts/NextStroke'
import { Lost, Waiting } from '@/parts/Notice'
import { OneOf } from '@/parts/OneOf'
import { ReadingField } from '@/parts/ReadingField'
import { Readings } from '@/parts/Readings'
import { Sheet } from '@/parts/Sheet'
import { useOutlines } from '@/parts/useOutlines'
import { useTyped } from '@/parts/useTyped'
import { hardnesses, type Hardness } from '@/parts/hardness'
import { KitNav } from '@/places/kit/KitNav'
import { FitRows } from './FitRows'

/** Which saw, which sole, which chisel: the tools at hand side by side for one piece of work. */
export function FitPage() {
  const { question = 'saws' } = useParams()
  const { data, error } = useQuery(fits())
  const { data: watched } = useQuery(pulse())
  if (error && !data) return <Lost problem={error} />
  if (!data || !watched) return <Waiting />
  const fit = data.fits.find((row) => row.id === question) ?? data.fits[0]
  if (!fit) return null

  return (
    <>
      <Heading title={fit.asks} says="Your own tools side by side, from their own dimensions." />
      <KitNav />
      <nav aria-label="Questions of fit" className="mb-4 flex flex-wrap gap-x-5">
        {data.fits.map((row) => (
          <NavLink
            key={row.id}
            to={`/kit/fit/${row.id}`}
            className={() =>
              clsx(
                'min-h-8 underline-offset-4',
                row.id === fit.id ? 'font-bold underline' : 'text-soft hover:text-ink',
              )
            }
          >
            {row.short}
          </NavLink>
        ))}
      </nav>
      <OneFit key={fit.id} fit={fit} unit={watched.unit} />
    </>
  )
}

/** A cut along the grain wants rip teeth, one across it crosscut teeth. */
const NOTHING = {}
const GRAIN = ['along', 'across'] as const

function OneFit({ fit, unit }: { fit: Schemas['Fit']; unit: string }) {
  const names = fit.fields.map((row) => row.name)
  const lengths = fit.fields.filter((row) => row.isLength).map((row) => row.name)
  const draft = useTyped(`fit ${fit.id}`, NOTHING, unit, 1, lengths)
  const [hardness, setHardness] = useState<Hardness>('soft')
  const typed = Object.fromEntries(names.map((name) => [name, draft.values[name] ?? '']))
  const { data } = useQuery(fitPreview(fit.id, { typed, hardness }))
  const rows = data?.rows ?? []
  const [shown, setShown] = useState<string | null>(null)
  const row = rows.find((candidate) => candidate.name === shown) ?? rows[0]
  const outline = useOutlines().get(row?.toolId ?? -1)
  const value = (name: string) =>
    data?.figures[name]?.typed || fit.fields.find((field) => field.name === name)?.usual || ''

  return (
    <Board
      next={
        <NextStroke says={data?.next.says ?? 'Working it out…'} why={data?.next.why ?? ''}>
          {data && <How how={data.how} />}
        </NextStroke>
      }
      drawing={
        <Sheet
          title={fit.asks}
          says={rows.map((one) => `${one.name}: ${one.verdict}, ${one.says}.`).join(' ')}
          block={[
            ['Drawn', row?.name ?? 'nothing yet'],
            ['Verdict', row?.verdict ?? '–'],
            ...fit.fields.slice(0, 2).map((field) => [field.label, value(field.name)] as const),
          ]}
          height={(width) => Math.max(width < NARROW ? 340 : 230, Math.min(340, width * 0.45))}
        >
          {(box) => <FitDrawing question={fit.id} row={row} rows={rows} outline={outline} {...box} />}
        </Sheet>
      }
      below={<FitRows rows={rows} shown={row?.name ?? null} onShow={setShown} />}
      column={
        <>
          <Readings onRecord={null}>
            {fit.fields.map((field) =>
              field.quantity === 'teeth' ? (
                <OneOf
                  key={field.name}
                  label={field.label}
                  words={GRAIN}
                  value={draft.values[field.name] || 'across'}
                  onChange={(text) => draft.change(field.name, text)}
                />
              ) : (
                <ReadingField
                  key={field.name}
                  label={field.label}
                  value={draft.values[field.name] ?? ''}
                  usual={field.usual || 'none'}
                  reading={data?.figures[field.name]}
                  stepMm={field.step}
                  onChange={(text) => draft.change(field.name, text)}
                />
              ),
            )}
            {fit.wantsHardness && (
              <Choice label="wood" value={hardness} options={hardnesses} onChange={setHardness} />
            )}
          </Readings>
        </>
      }
    />
  )
}
