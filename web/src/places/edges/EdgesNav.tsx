import type { Schemas } from '@/api/client'
import { PageNav } from '@/parts/PageNav'

const pages = [
  { to: '/edges', name: 'Edges', end: true },
  { to: '/edges/day', name: 'Sharpening day', end: false },
  { to: '/edges/rack', name: 'Rack', end: false },
  { to: '/edges/guides', name: 'Guides', end: false },
  { to: '/edges/saws', name: 'Saws', end: false },
  { to: '/edges/augers', name: 'Augers', end: false },
  { to: '/edges/scrapers', name: 'Scrapers', end: false },
] as const

/** The pages about all edges, one beside the other. */
export const EdgesNav = () => <PageNav label="Edges" pages={pages} />

/** The pages of one edge. */
export const EdgeNav = ({ edge }: { edge: Pick<Schemas['Edge'], 'id' | 'form'> }) => (
  <PageNav
    label="This edge"
    pages={[
      { to: `/edges/${edge.id}`, name: 'Sharpen', end: true },
      { to: `/edges/${edge.id}/geometry`, name: 'Geometry', end: false },
      ...(edge.form === 'plane-iron' ? [{ to: `/edges/${edge.id}/curve`, name: 'Curve', end: false }] : []),
      { to: `/edges/${edge.id}/diary`, name: 'Diary and forecast', end: false },
    ]}
  />
)
