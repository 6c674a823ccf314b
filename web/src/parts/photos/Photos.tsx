import type { QueryKey } from '@tanstack/react-query'
import type { Schemas } from '@/api/client'
import { Button } from '@/parts/Button'
import { TakePhoto } from './TakePhoto'
import { usePhotos } from './usePhotos'

interface PhotosProps {
  photos: readonly Schemas['Photo'][]
  /** Where a new one goes. */
  address: string
  /** The page they stand on. */
  page: { queryKey: QueryKey }
  /** Whether each says below it what it shows. */
  told?: boolean
}

/** Photographs of a record; what the camera wrote into them is not kept. */
export function Photos({ photos, address, page, told = false }: PhotosProps) {
  const { add, remove } = usePhotos(address, page)
  return (
    <section className="mt-4">
      <h2 className="text-lg">Photographs</h2>
      <div className="flex flex-wrap gap-3">
        {photos.map((photo) => (
          <figure key={photo.id} className="w-min">
            <img
              src={`/api/photos/${photo.id}`}
              alt={photo.says}
              width={photo.width}
              height={photo.height}
              className="h-28 w-auto max-w-none border border-rule"
            />
            {told && <figcaption className="text-sm text-soft">{photo.says}</figcaption>}
            <Button writes className="text-sm" onClick={() => remove.mutate(photo)}>
              Remove it
            </Button>
          </figure>
        ))}
      </div>
      <p className="mt-2">
        <TakePhoto says={add.isPending ? 'Saving …' : 'Take a photograph'} onTaken={add.mutate} />
      </p>
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
