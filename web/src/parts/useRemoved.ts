import { useCallback } from 'react'
import { useNavigate } from 'react-router'
import type { Schemas } from '@/api/client'

/** Whatever was removed leads to the page that says so and brings it back; from there one goes on to its list. */
export function useRemoved(list: string): (entry: Pick<Schemas['DiaryEntry'], 'id'>) => void {
  const navigate = useNavigate()
  return useCallback(
    ({ id }) => void navigate(`/removed/${id}?from=${encodeURIComponent(list)}`, { replace: true }),
    [navigate, list],
  )
}
