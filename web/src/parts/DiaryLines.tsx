import clsx from 'clsx'
import { answered, client, type Schemas } from '@/api/client'
import { formOf, pageOf } from '@/shell/pages'
import { Link } from 'react-router'
import { Button } from './Button'
import { asDate, asTime } from './dates'
import { useChange } from './useChange'
import { correctionAt } from './useCorrection'
import { told } from './told'

/** Diary entries, newest first, each with its way back. */
export function DiaryLines({ entries, empty }: { entries: readonly Schemas['DiaryEntry'][]; empty: string }) {
  const undo = useUndo()
  if (entries.length === 0) return <p className="text-soft">{empty}</p>

  return (
    <>
      {undo.error && (
        <p role="alert" className="font-bold text-red">
          {undo.error.message}
        </p>
      )}
      <ul>
        {entries.map((entry) => (
          <li
            key={entry.id}
            className="flex flex-wrap items-baseline gap-x-3 border-b border-rule py-1.5 last:border-b-0"
          >
            <time
              dateTime={entry.happenedOn}
              title={asTime(entry.writtenAt)}
              className="w-24 shrink-0 text-sm text-soft"
            >
              {asDate(entry.happenedOn)}
            </time>
            <span className="grow basis-52">
              <span className={clsx(entry.undone && 'text-soft line-through')}>{told(entry.sentence)}</span>
              {entry.by && <span className="text-sm text-soft"> {entry.by}.</span>}
              {!entry.writtenAt.startsWith(entry.happenedOn) && (
                <span className="text-sm text-soft"> Written {asDate(entry.writtenAt)}.</span>
              )}
              {entry.about && (
                <Link
                  to={pageOf(entry.about)}
                  aria-label={`Open the ${entry.subject}`}
                  className="ml-2 inline-block min-h-6 text-sm underline decoration-rule underline-offset-4"
                >
                  open
                </Link>
              )}
            </span>
            <span className="ml-auto flex shrink-0 items-baseline gap-3">
              {entry.correctable && formOf(entry) !== null && (
                <Link
                  to={correctionAt(formOf(entry) ?? '', entry.id)}
                  aria-label={`Correct: ${entry.sentence}`}
                  className="inline-block min-h-8 shrink-0 text-sm underline underline-offset-4"
                >
                  correct
                </Link>
              )}
              {entry.undoable && (
                <Button
                  className="shrink-0 text-sm"
                  disabled={undo.isPending}
                  onClick={() => undo.mutate(entry.id)}
                >
                  undo
                </Button>
              )}
            </span>
          </li>
        ))}
      </ul>
    </>
  )
}

function useUndo() {
  return useChange((entry: number) =>
    answered(client.POST('/api/diary/{entry}/undo', { params: { path: { entry } } })),
  )
}
