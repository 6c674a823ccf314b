/** What was recorded while the bench did not answer, kept until it is answered for: a closed window loses none. */
export interface Kept {
  key: string
  /** Who recorded it; empty: the one user of this machine. */
  by: string
  says: string
  method: string
  url: string
  headers: Record<string, string>
  body: string
  /** Why the bench would not take it; it stays until somebody has seen that. */
  refused?: string
}

const PLACE = 'outbox'

export function kept(): Kept[] {
  try {
    return JSON.parse(localStorage.getItem(PLACE) ?? '[]') as Kept[]
  } catch {
    return []
  }
}

export function keep(one: Kept): void {
  write([...kept().filter(({ key }) => key !== one.key), one])
}

export function letGo(key: string): void {
  if (kept().some((one) => one.key === key)) write(kept().filter((one) => one.key !== key))
}

function write(all: readonly Kept[]): void {
  try {
    if (all.length > 0) localStorage.setItem(PLACE, JSON.stringify(all))
    else localStorage.removeItem(PLACE)
  } catch {
    // No room: it waits in this window alone, as the list says.
  }
}

/** Who is here, as the page knows. */
let person = ''

export const isHere = (name: string) => {
  person = name
}

/** What whoever is here recorded; another's waits for them. */
export const mine = (): Kept[] => kept().filter(({ by }) => by === person)

/** As it can be sent again: all but the page's token, which is another by then. */
export async function asKept(request: Request, key: string, says: string): Promise<Kept> {
  const headers = Object.fromEntries(request.headers)
  delete headers['x-xsrf-token']
  return {
    key,
    by: person,
    says,
    method: request.method,
    url: request.url,
    headers,
    body: await request.clone().text(),
  }
}
