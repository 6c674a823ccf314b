import { Button } from './Button'
import { Notice } from './Notice'

interface OvertakenProps {
  name: string
  onKeep: () => void
  onDrop: () => void
}

/** The record was changed in another window while figures were typed here. */
export function Overtaken({ name, onKeep, onDrop }: OvertakenProps) {
  return (
    <Notice>
      <p>
        <strong>The {name} was changed in another window meanwhile.</strong> Your figures are still here.
      </p>
      <p className="flex gap-5">
        <Button onClick={onKeep}>Keep mine</Button>
        <Button onClick={onDrop}>Use the new version</Button>
      </p>
    </Notice>
  )
}
