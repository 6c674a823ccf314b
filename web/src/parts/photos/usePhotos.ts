import { useMutation, useQueryClient, type QueryKey } from '@tanstack/react-query'
import { answered, client, sendFile, type Schemas } from '@/api/client'
import { shrink } from './shrink'

/** Adds photographs to a record, and removes them; its page is asked for again. */
export function usePhotos(address: string, page: { queryKey: QueryKey }) {
  const queries = useQueryClient()
  const again = () => queries.invalidateQueries({ queryKey: page.queryKey })
  const add = useMutation({
    mutationFn: async (file: File) => sendFile(address, 'photo', await shrink(file)),
    onSettled: again,
  })
  const remove = useMutation({
    mutationFn: (photo: Schemas['Photo']) =>
      answered(
        client.DELETE('/api/photos/{photo}', {
          params: { path: { photo: photo.id } },
          body: { version: photo.version },
        }),
      ),
    onSettled: again,
  })
  return { add, remove }
}
