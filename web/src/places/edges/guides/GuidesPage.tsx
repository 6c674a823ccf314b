import { useQuery } from '@tanstack/react-query'
import { NavLink, useNavigate, useParams } from 'react-router'
import type { Schemas } from '../../../api/client'
import { guides, pulse } from '../../../api/queries'
import { Heading } from '../../../parts/Heading'
import { Lost, Waiting } from '../../../parts/Notice'
import { EdgesNav } from '../EdgesNav'
import { GuideBench } from './GuideBench'

/** Honing guides, calibrated from the user's own measurements; each prints its board of stops. */
export function GuidesPage() {
  const { id } = useParams()
  const navigate = useNavigate()
  const { data, error } = useQuery(guides())
  const unit = useQuery(pulse()).data?.unit
  if (error) return <Lost problem={error} />
  if (!data || !unit) return <Waiting />
  const fresh = id === 'new' || data.guides.length === 0
  const guide = fresh ? null : (data.guides.find((row) => String(row.id) === id) ?? data.guides[0] ?? null)

  return (
    <>
      <Heading
        title="Guides"
        says="Two honed settings tell where a guide’s axle is; after that every angle is a length."
      />
      <EdgesNav />
      <GuideList guides={data.guides} shown={guide?.id ?? 'new'} />
      <GuideBench
        key={guide?.id ?? 'new'}
        guide={guide}
        unit={unit}
        onKept={(kept) => void navigate(`/edges/guides${kept === null ? '' : `/${kept}`}`)}
      />
    </>
  )
}

function GuideList({ guides, shown }: { guides: readonly Schemas['Guide'][]; shown: number | 'new' }) {
  const link = (to: string, text: string, here: boolean) => (
    <NavLink
      key={to}
      to={to}
      aria-current={here ? 'page' : undefined}
      className={`min-h-8 underline-offset-4 ${here ? 'font-bold underline' : 'text-soft hover:text-ink'}`}
    >
      {text}
    </NavLink>
  )
  return (
    <nav aria-label="Guides" className="mb-4 flex flex-wrap gap-x-5">
      {guides.map((row) =>
        link(`/edges/guides/${row.id}`, `${row.name}, ${row.seatLabel}`, row.id === shown),
      )}
      {link('/edges/guides/new', 'a new one', shown === 'new')}
    </nav>
  )
}
