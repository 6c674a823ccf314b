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

/** All that lies in this browser's storage goes, but for this. */
export function emptyButOutbox(): void {
  const waits = kept()
  localStorage.clear()
  write(waits)
}

/** Something newer in the place of what waits. */
export function replace(key: string, by: Kept): void {
  write(kept().map((one) => (one.key === key ? by : one)))
}

function write(all: readonly Kept[]): void {
  try {
    if (all.length > 0) localStorage.setItem(PLACE, JSON.stringify(all))
    else localStorage.removeItem(PLACE)
  } catch {
    // No room: it waits in this window alone, as the list says.
  }
}

const PERSON = 'person'

/** Who is here, as the page knows; before it does, who was here last. */
let person: string | undefined

export function isHere(): string {
  try {
    person ??= localStorage.getItem(PERSON) ?? ''
  } catch {
    // No storage to look into: nobody's name is known before the bench tells it.
  }
  return person ?? ''
}

export function comesIn(name: string): void {
  if (name === isHere()) return
  person = name
  try {
    localStorage.setItem(PERSON, name)
  } catch {
    // No room: it is known again when the bench has told it.
  }
}

/** What whoever is here recorded; another's waits for them. */
export const mine = (): Kept[] => kept().filter(({ by }) => by === isHere())

/** As it can be sent again: all but the page's token, which is another by then. */
export async function asKept(request: Request, key: string, says: string): Promise<Kept> {
  const headers = Object.fromEntries(request.headers)
  delete headers['x-xsrf-token']
  return {
    key,
    by: isHere(),
    says,
    method: request.method,
    url: request.url,
    headers,
    body: await request.clone().text(),
  }
}
