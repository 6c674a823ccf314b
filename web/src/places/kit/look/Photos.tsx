import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useId } from 'react'
import { answered, client, sendFile, type Schemas } from '@/api/client'
import { lookPage } from '@/api/queries'
import { Button } from '@/parts/Button'
import { shrink } from './shrink'

/** Photographs from the stall; what the camera wrote into them is not kept. */
export function Photos({ page }: { page: Schemas['Look'] }) {
  const id = useId()
  const queries = useQueryClient()
  const again = () => queries.invalidateQueries({ queryKey: lookPage(page.id).queryKey })
  const add = useMutation({
    mutationFn: async (file: File) => sendFile(`/api/looks/${page.id}/photos`, 'photo', await shrink(file)),
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

  return (
    <section className="mt-4">
      <h2 className="text-lg">Photographs</h2>
      <div className="flex flex-wrap gap-3">
        {page.photos.map((photo, index) => (
          <figure key={photo.id}>
            <img
              src={`/api/photos/${photo.id}`}
              alt={`Photograph ${index + 1} of the ${page.name}`}
              width={photo.width}
              height={photo.height}
              className="h-28 w-auto border border-rule"
            />
            <Button className="text-sm" onClick={() => remove.mutate(photo)}>
              Remove it
            </Button>
          </figure>
        ))}
      </div>
      <label
        htmlFor={id}
        className="mt-2 inline-flex min-h-11 cursor-pointer items-center border-2 border-ink px-4 font-bold has-focus-visible:outline-3 has-focus-visible:outline-blue"
      >
        {add.isPending ? 'Saving …' : 'Take a photograph'}
        <input
          id={id}
          type="file"
          accept="image/*"
          capture="environment"
          className="sr-only"
          onChange={(event) => {
            const file = event.target.files?.[0]
            if (file) add.mutate(file)
            event.target.value = ''
          }}
        />
      </label>
      <p className="mt-1 text-sm text-soft">
        Shrunk; place and time that the camera wrote into it are left out.
      </p>
      {(add.error ?? remove.error) && (
        <p role="alert" className="font-bold text-red">
          {(add.error ?? remove.error)?.message}
        </p>
      )}
    </section>
  )
}
