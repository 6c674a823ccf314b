import { useQueryClient, type FetchQueryOptions } from '@tanstack/react-query'
import { useCallback, useEffect, useRef } from 'react'

type Values = Record<string, string>

/**
 * Types into a form, and asks what comes of it before the page is drawn with the key in it: the question is on its way
 * meanwhile. The page asks the same a moment later and finds it under way.
 */
export function useAhead(
  values: Values,
  change: (name: string, text: string) => void,
  /** The question of the page, as it is asked with such values. */
  ask: (values: Values) => { queryKey: readonly unknown[] },
) {
  const queries = useQueryClient()
  const now = useRef({ values, ask })
  useEffect(() => {
    now.current = { values, ask }
  })
  return useCallback(
    (name: string, text: string) => {
      const { values: typed, ask: question } = now.current
      void queries.prefetchQuery(question({ ...typed, [name]: text }) as FetchQueryOptions)
      change(name, text)
    },
    [queries, change],
  )
}
