import { PageNav } from '@/parts/PageNav'

const pages = [
  { to: '/work', name: 'Works', end: true },
  { to: '/work/dovetails', name: 'Dovetails', end: false },
  { to: '/work/mortise', name: 'Mortise', end: false },
  { to: '/work/saw', name: 'Saw cut', end: false },
  { to: '/work/recess', name: 'Rebate, groove', end: false },
  { to: '/work/tongue', name: 'Tongue', end: false },
  { to: '/work/fence', name: 'Fence', end: false },
  { to: '/work/boring', name: 'Boring', end: false },
  { to: '/work/shavings', name: 'To a size', end: false },
  { to: '/work/stages', name: 'In stages', end: false },
] as const

/** Works, and what is set out, set and cut for them. */
export const WorkNav = () => <PageNav label="Work" pages={pages} />
