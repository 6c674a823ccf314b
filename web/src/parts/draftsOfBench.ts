const DRAFT = 'draft '
const ELSEWHERE = 'draft at bench '

/**
 * What was typed and not yet recorded belongs to the bench it was typed at: it is laid aside when the user goes to
 * another, and lies there again when they come back.
 */
export function changeBench(from: number, to: number): void {
  for (const key of keys(DRAFT)) move(key, `${ELSEWHERE}${from} ${key.slice(DRAFT.length)}`)
  const there = `${ELSEWHERE}${to} `
  for (const key of keys(there)) move(key, DRAFT + key.slice(there.length))
}

function keys(begin: string): string[] {
  const all = Array.from({ length: localStorage.length }, (_, index) => localStorage.key(index) ?? '')
  return all.filter((key) => key.startsWith(begin) && (begin !== DRAFT || !key.startsWith(ELSEWHERE)))
}

function move(from: string, to: string): void {
  const text = localStorage.getItem(from)
  if (text !== null) localStorage.setItem(to, text)
  localStorage.removeItem(from)
}
