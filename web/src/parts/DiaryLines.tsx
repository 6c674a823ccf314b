import clsx from 'clsx'
import type { ReactNode } from 'react'
import { answered, client, type Schemas } from '@/api/client'
import { formOf, pageOf } from '@/shell/pages'
import { Link } from 'react-router'
import { Button } from './Button'
import { asDate, asTime } from './dates'
import { useChange } from './useChange'
import { correctionAt } from './useCorrection'
import { told } from './told'
import { Writes } from './Writes'

interface DiaryLinesProps {
  entries: readonly Schemas['DiaryEntry'][]
  empty: string
  /** What each is about, 60 px by 28 at most; without it there is no room for it. */
  drawn?: (about: Schemas['About'] | null) => ReactNode
}

/** Diary entries, newest first, each with its way back. */
export function DiaryLines({ entries, empty, drawn }: DiaryLinesProps) {
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
        {entries.map((entry, index) => (
          <li
            key={entry.id}
            className={clsx(
              'flex flex-wrap items-baseline gap-x-3 border-t py-1.5 first:border-t-0',
              isDayOf(entries[index - 1], entry) ? 'border-rule' : 'border-ink',
            )}
          >
            <time
              dateTime={entry.happenedOn}
              title={asTime(entry.writtenAt)}
              className={clsx(
                'w-full shrink-0 text-sm md:w-24',
                isDayOf(entries[index - 1], entry) ? 'max-md:sr-only md:opacity-0' : 'font-bold',
              )}
            >
              {asDate(entry.happenedOn)}
            </time>
            {drawn && (
              <span
                className="flex h-8 w-[64px] shrink-0 items-center justify-center self-center max-md:hidden"
                aria-hidden
              >
                {drawn(entry.about)}
              </span>
            )}
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
                <Writes>
                  <Link
                    to={correctionAt(formOf(entry) ?? '', entry.id)}
                    aria-label={`Correct: ${entry.sentence}`}
                    className="inline-block min-h-8 shrink-0 text-sm underline underline-offset-4"
                  >
                    correct
                  </Link>
                </Writes>
              )}
              {entry.undoable && (
                <Button
                  writes
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

/** The day is seen once, and read out with each. */
const isDayOf = (before: Schemas['DiaryEntry'] | undefined, entry: Schemas['DiaryEntry']) =>
  before?.happenedOn === entry.happenedOn

function useUndo() {
  return useChange((entry: number) =>
    answered(client.POST('/api/diary/{entry}/undo', { params: { path: { entry } } })),
  )
}
