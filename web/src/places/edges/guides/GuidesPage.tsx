import { useQuery } from '@tanstack/react-query'
import { useNavigate, useParams } from 'react-router'
import { guides, pulse } from '@/api/queries'
import { Heading } from '@/parts/Heading'
import { Lost, Waiting } from '@/parts/Notice'
import { RecordNav } from '@/parts/RecordNav'
import { EdgesNav } from '@/places/edges/EdgesNav'
import { GuideBench } from './GuideBench'

/** Honing guides, calibrated from the user's own measurements; each prints its board of stops. */
export function GuidesPage() {
  const { id } = useParams()
  const navigate = useNavigate()
  const { data, error } = useQuery(guides())
  const unit = useQuery(pulse()).data?.unit
  if (error && !data) return <Lost problem={error} />
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
      <RecordNav
        label="Guides"
        rows={[
          ...data.guides.map((row) => ({
            to: `/edges/guides/${row.id}`,
            text: `${row.name}, ${row.seatLabel}`,
            here: row.id === guide?.id,
          })),
          { to: '/edges/guides/new', text: 'a new one', here: guide === null },
        ]}
      />
      <GuideBench
        key={guide?.id ?? 'new'}
        guide={guide}
        unit={unit}
        onKept={(kept) => void navigate(`/edges/guides${kept === null ? '' : `/${kept}`}`)}
      />
    </>
  )
}
