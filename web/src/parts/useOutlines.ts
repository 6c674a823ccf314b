import { useQuery } from '@tanstack/react-query'
import { useMemo } from 'react'
import type { Schemas } from '@/api/client'
import { kit } from '@/api/queries'

/** The outlines of the tools on the board, by their numbers, for pages that speak of them: told once, by the board. */
export function useOutlines(): ReadonlyMap<number, Schemas['ToolOutline']> {
  const { data } = useQuery(kit())
  return useMemo(
    () =>
      new Map(
        (data?.board ?? []).flatMap(({ id, shape }) => {
          const outline = data?.shapes[shape]?.outline
          return outline ? [[id, outline]] : []
        }),
      ),
    [data],
  )
}
