import { useQuery } from '@tanstack/react-query'
import type { Schemas } from '@/api/client'
import { readTyped } from '@/api/queries'

export type Quantity = Schemas['ReadRequest']['quantity']

/** What the application understands of a field while it is typed; null: nothing was asked, or not answered yet. */
export function useUnderstood(quantity: Quantity | undefined, typed: string): Schemas['Reading'] | null {
  const { data } = useQuery({
    ...readTyped({ typed, quantity: quantity ?? 'length' }),
    enabled: quantity !== undefined && typed.trim() !== '',
  })
  return data?.reading.typed === typed ? data.reading : null
}

/** Whether it is worth saying: a plain figure says the same itself. */
export const differs = (typed: string): boolean => !/^-?\d+(\.\d+)?$/.test(typed.trim())
