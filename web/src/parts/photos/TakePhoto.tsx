import { useId } from 'react'
import { Writes } from '../Writes'

interface TakePhotoProps {
  says: string
  onTaken: (file: File) => void
}

/** The camera of a phone, or a file where there is none. */
export function TakePhoto({ says, onTaken }: TakePhotoProps) {
  const id = useId()
  return (
    <Writes>
      <label
        htmlFor={id}
        className={
          'inline-flex min-h-11 cursor-pointer items-center border-2 border-ink px-4 font-bold ' +
          'has-focus-visible:outline-3 has-focus-visible:outline-blue'
        }
      >
        {says}
        <input
          id={id}
          type="file"
          accept="image/*"
          capture="environment"
          className="sr-only"
          onChange={(event) => {
            const file = event.target.files?.[0]
            if (file) onTaken(file)
            event.target.value = ''
          }}
        />
      </label>
    </Writes>
  )
}
