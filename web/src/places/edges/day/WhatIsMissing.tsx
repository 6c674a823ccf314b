import type { Schemas } from '@/api/client'
import { MainLink } from '@/parts/MainLink'
import { Writes } from '@/parts/Writes'

/** Where to do what must be done before any of the chosen edges can be planned. */
export function WhatIsMissing({ plan }: { plan: Schemas['Day'] }) {
  const first = plan.edges.find((edge) => edge.chosen && edge.left)
  if (!first) return null
  return plan.rackIsEmpty ? (
    <Writes>
      <MainLink to="/edges/rack?stone=new">Put a stone on the rack</MainLink>
    </Writes>
  ) : (
    <MainLink to={`/edges/${first.id}`}>{`Open the ${first.name}`}</MainLink>
  )
}
