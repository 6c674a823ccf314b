import { PageNav } from '@/parts/PageNav'

const pages = [
  { to: '/true', name: 'References', end: true },
  { to: '/true/season', name: 'The season', end: false },
  { to: '/true/plans', name: 'Plans', end: false },
  { to: '/true/blanks', name: 'Blanks', end: false },
  { to: '/true/wood', name: 'Wood', end: false },
  { to: '/true/eye', name: 'Your eye', end: false },
] as const

/** The pages about all references and the wood they are of. */
export const TrueNav = () => <PageNav label="True" pages={pages} />
