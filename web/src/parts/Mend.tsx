import { Link } from 'react-router'
import { answered, client, type Schemas } from '@/api/client'
import { Button } from './Button'
import { correctionAt } from './useCorrection'
import { useChange } from './useChange'

interface MendProps {
  written: Schemas['Written'] | null
  says: string
  /** The page with the form it was typed into. */
  page: string
}

/** An entry of any day can be corrected or undone where it stands. */
export function Mend({ written, says, page }: MendProps) {
  const undo = useChange((entry: number) =>
    answered(client.POST('/api/diary/{entry}/undo', { params: { path: { entry } } })),
  )
  if (!written) return null
  return (
    <span className="ml-auto flex shrink-0 flex-wrap items-baseline gap-x-3 text-sm">
      {written.correctable && (
        <Link
          to={correctionAt(page, written.entry)}
          aria-label={`Correct: ${says}`}
          className="inline-block min-h-8 underline underline-offset-4"
        >
          correct
        </Link>
      )}
      <Button
        aria-label={`Undo: ${says}`}
        disabled={undo.isPending}
        onClick={() => undo.mutate(written.entry)}
      >
        undo
      </Button>
      {undo.error && (
        <span role="alert" className="font-bold text-red">
          {undo.error.message}
        </span>
      )}
    </span>
  )
}
