import { useMutation, useQueryClient } from '@tanstack/react-query'
import { benchChanged } from '@/api/asking'
import { answered, client, type Schemas } from '@/api/client'
import { pulse } from '@/api/queries'

/** What the user wants to stay so: unit, ground, the instrument last read with, the thickness of their paper. */
export function usePreference() {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: (body: Schemas['PreferencesRequest']) => answered(client.PUT('/api/preferences', { body })),
    onSuccess: (state, body) => {
      queries.setQueryData(pulse().queryKey, state)
      if (body.paper !== undefined) void benchChanged(queries)
    },
  })
}
