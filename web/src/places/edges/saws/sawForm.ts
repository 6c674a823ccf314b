import type { Schemas } from '@/api/client'

type Sent = Schemas['SawFormRequest']

export type Typed = Readonly<Record<string, string>>

/** Fields that are lengths: they keep the unit they were typed in. */
export const LENGTHS = ['set', 'plate', 'length', 'depth', 'over', 'across', 'toeLength']

const CHOSEN = ['use', 'state', 'hardened']

/** The fields of a saw as it is kept. */
export function baseOf(page: Schemas['SawPage']): Record<string, string> {
  return { ...page.figures, use: page.use, state: 'dull', hardened: page.hardened ? 'yes' : 'no' }
}

/** What is typed as the application takes it. */
export function sentOf(values: Typed): Sent {
  const figures = Object.fromEntries(Object.entries(values).filter(([name]) => !CHOSEN.includes(name)))
  return {
    figures,
    use: values.use as Sent['use'],
    state: values.state as Sent['state'],
    hardened: values.hardened === 'yes',
  }
}

/** Where the template of what is typed is printed from. */
export function templateOf(saw: number, values: Typed, file: string): string {
  const asked = ['tpi', 'length', 'toe', 'toeLength', 'toeRake'].map((name) => [name, values[name] ?? ''])
  const query = new URLSearchParams([
    ...asked.filter(([, text]) => text !== ''),
    ...(values.graded === 'yes' ? [['graded', '1']] : []),
  ] as [string, string][])
  return `/api/saws/${saw}/template/${file}?${query.toString()}`
}
