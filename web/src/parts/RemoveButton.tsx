import { Button } from './Button'

interface RemoveButtonProps {
  says: string
  remove: { isPending: boolean; error: Error | null; mutate: (sent: undefined) => void }
}

/** Removing can be undone, so it is not asked about; what stood in its way is said beside it. */
export function RemoveButton({ says, remove }: RemoveButtonProps) {
  return (
    <>
      <Button writes disabled={remove.isPending} onClick={() => remove.mutate(undefined)}>
        {says}
      </Button>
      {remove.error && (
        <p role="alert" className="font-bold text-red">
          {remove.error.message}
        </p>
      )}
    </>
  )
}
