import { PageNav } from '../../parts/PageNav'

const pages = [
  { to: '/edges', name: 'Edges', end: true },
  { to: '/edges/day', name: 'Sharpening day', end: false },
  { to: '/edges/rack', name: 'Rack', end: false },
  { to: '/edges/guides', name: 'Guides', end: false },
  { to: '/edges/saws', name: 'Saws', end: false },
  { to: '/edges/augers', name: 'Augers', end: false },
  { to: '/edges/files', name: 'Files', end: false },
] as const

/** The pages about all edges, one beside the other. */
export const EdgesNav = () => <PageNav label="Edges" pages={pages} />

/** The pages of one edge. */
export const EdgeNav = ({ edge }: { edge: number }) => (
  <PageNav
    label="This edge"
    pages={[
      { to: `/edges/${edge}`, name: 'Sharpen', end: true },
      { to: `/edges/${edge}/geometry`, name: 'Geometry', end: false },
      { to: `/edges/${edge}/diary`, name: 'Diary and forecast', end: false },
    ]}
  />
)
