/** Where the page of a record stands; without a number, that of the whole list. */
const PAGES: Readonly<Record<string, (id: number) => string>> = {
  auger: (id) => `/edges/augers/${id}`,
  blank: (id) => `/true/blanks/${id}`,
  edge: (id) => `/edges/${id}`,
  guide: (id) => `/edges/guides/${id}`,
  job: (id) => `/work/jobs/${id}`,
  'look-over': (id) => `/kit/look/${id}`,
  making: (id) => `/true/plans/makings/${id}`,
  reference: (id) => `/true/references/${id}`,
  saw: (id) => `/edges/saws/${id}`,
  scraper: (id) => `/edges/scrapers/${id}`,
  session: (id) => `/sessions/${id}`,
  'shadow-board': (id) => `/kit/shadow-boards/${id}`,
  stone: (id) => `/edges/rack?stone=${id}`,
  tool: (id) => `/kit/tools/${id}`,
  work: (id) => `/work/works/${id}`,
}

const LISTS: Readonly<Record<string, string>> = {
  care: '/kit/care',
  diary: '/diary',
  eye: '/true/eye',
  files: '/diary/files',
  idle: '/kit/idle',
  ladder: '/kit/ladder',
  school: '/kit/school',
  season: '/true/season',
  works: '/work',
}

/** The address of what a line is about. */
export function pageOf({ kind, id }: { kind: string; id: number | null }): string {
  const page = id === null ? LISTS[kind] : PAGES[kind]?.(id)
  if (page === undefined) throw new Error(`No page is known for ${kind}.`)
  return page
}

/** Pages with a form whose entries may be about several records. */
const FORMS: Readonly<Record<string, string>> = {
  'board-sighted': '/true/winding',
  'edges-compared': '/true/three-edges',
}

interface Entry {
  kind: string
  about: { kind: string; id: number | null } | null
}

/** The page with the form that an entry of the diary was typed into; null: it is no more. */
export function formOf({ kind, about }: Entry): string | null {
  if (FORMS[kind] !== undefined) return FORMS[kind]
  if (about === null) return null
  return about.kind === 'edge' ? `${pageOf(about)}/diary` : pageOf(about)
}
