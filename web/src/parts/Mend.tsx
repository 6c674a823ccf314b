import { Link } from 'react-router'
import { answered, client, type Schemas } from '@/api/client'
import { formOf } from '@/shell/pages'
import { Button } from './Button'
import { correctionAt } from './useCorrection'
import { useChange } from './useChange'

interface MendProps {
  written: Schemas['Written'] | null
  says: string
  about: Schemas['About']
}

/** An entry of any day can be corrected or undone where it stands. */
export function Mend({ written, says, about }: MendProps) {
  const undo = useChange((entry: number) =>
    answered(client.POST('/api/diary/{entry}/undo', { params: { path: { entry } } })),
  )
  if (!written) return null
  const form = formOf({ kind: written.kind, about })
  return (
    <span className="ml-auto flex shrink-0 flex-wrap items-baseline gap-x-3 text-sm">
      {written.correctable && form !== null && (
        <Link
          to={correctionAt(form, written.entry)}
          aria-label={`Correct: ${says}`}
          className="inline-block min-h-8 underline underline-offset-4"
        >
          correct
        </Link>
      )}
      <Button
        writes
        aria-label={`Undo: ${says}`}
        disabled={undo.isPending}
        onClick={() => undo.mutate(written.entry)}
      >
        {written.isJoint ? 'undo the whole reading' : 'undo'}
      </Button>
      {undo.error && (
        <span role="alert" className="font-bold text-red">
          {undo.error.message}
        </span>
      )}
    </span>
  )
}
