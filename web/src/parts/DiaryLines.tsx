import clsx from 'clsx'
import { answered, client, type Schemas } from '@/api/client'
import { Button } from './Button'
import { asDate, asTime } from './dates'
import { useChange } from './useChange'

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
            className="flex items-baseline gap-3 border-b border-rule py-1.5 last:border-b-0"
          >
            <time
              dateTime={entry.writtenAt}
              title={asTime(entry.writtenAt)}
              className="w-24 shrink-0 text-sm text-soft"
            >
              {asDate(entry.writtenAt)}
            </time>
            <span className={clsx('grow', entry.undone && 'text-soft line-through')}>{entry.sentence}</span>
            {entry.undoable && (
              <Button
                className="shrink-0 text-sm"
                disabled={undo.isPending}
                onClick={() => undo.mutate(entry.id)}
              >
                undo
              </Button>
            )}
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
