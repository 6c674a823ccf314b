import { PageNav } from '@/parts/PageNav'

const pages = [
  { to: '/kit', name: 'Board', end: true },
  { to: '/kit/ladder', name: 'Ladder', end: false },
  { to: '/kit/fit', name: 'Fit', end: false },
  { to: '/kit/care', name: 'Care', end: false },
  { to: '/kit/idle', name: 'Idle', end: false },
  { to: '/kit/look', name: 'At the stall', end: false },
  { to: '/kit/school', name: 'School', end: false },
] as const

/** The pages of the kit, one beside the other. */
export const KitNav = () => <PageNav label="Kit" pages={pages} />
