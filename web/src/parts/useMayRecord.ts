import { useQuery } from '@tanstack/react-query'
import { pulse } from '@/api/queries'

/** Whether whoever is here may write at this bench; until it is known, as most may. */
export function useMayRecord(): boolean {
  return useQuery(pulse()).data?.mayRecord ?? true
}
