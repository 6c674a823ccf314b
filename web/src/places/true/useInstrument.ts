import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answered, reader } from '@/api/client'
import { pulse } from '@/api/queries'

/** Readings from the user's instrument: where it stands along the reference goes out, what it reads comes back. */
export function useInstrument() {
  const { data } = useQuery(pulse())
  const [problem, setProblem] = useState<string | null>(null)
  const [busy, setBusy] = useState(false)

  const readAll = async (places: readonly number[]): Promise<string[] | null> => {
    setBusy(true)
    setProblem(null)
    try {
      const typed: string[] = []
      for (const at of places) {
        const reading = await answered(reader.GET('/api/instrument', { params: { query: { at } } }))
        typed.push(reading.typed)
      }
      return typed
    } catch (wrong) {
      setProblem(wrong instanceof Error ? wrong.message : String(wrong))
      return null
    } finally {
      setBusy(false)
    }
  }

  return { isThere: data?.instrumentUrl != null, busy, problem, readAll }
}
