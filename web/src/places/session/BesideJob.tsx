import { useQuery } from '@tanstack/react-query'
import { jobPage } from '@/api/queries'
import { TakePhoto } from '@/parts/photos/TakePhoto'
import { usePhotos } from '@/parts/photos/usePhotos'
import { Rests } from '@/parts/Rests'

/** Beside the step of a job in bench mode: what dries meanwhile, and the camera. */
export function BesideJob({ id }: { id: number }) {
  const page = jobPage(id)
  const { data } = useQuery(page)
  const { add } = usePhotos(`/api/jobs/${id}/photos`, page)
  return (
    <aside
      className="mt-2 flex flex-wrap items-center justify-between gap-x-6 gap-y-2 text-lg"
      onClick={(event) => event.stopPropagation()}
    >
      <div className="grow">{data && <Rests rests={data.rests} />}</div>
      <span className="flex items-center gap-3">
        {add.isSuccess && <span role="status">✓ Saved</span>}
        {add.error && (
          <span role="alert" className="font-bold text-red">
            {add.error.message}
          </span>
        )}
        <TakePhoto says={add.isPending ? 'Saving …' : 'Photograph'} onTaken={add.mutate} />
      </span>
    </aside>
  )
}
