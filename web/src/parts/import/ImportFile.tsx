import { useQuery } from '@tanstack/react-query'
import { useId, useState } from 'react'
import { askLong, type Schemas, type Told } from '@/api/client'
import { importPreview, type Table } from '@/api/queries'
import { Button } from '@/parts/Button'
import { FILE_FIELD } from '@/parts/fileField'
import { useChange } from '@/parts/useChange'
import { HowFar } from './HowFar'
import { ImportPreview } from './ImportPreview'

type Given = Schemas['ImportRequest'] & { isFile: boolean }

/** A file, or lines pasted from a spreadsheet: what they would bring is shown before anything is written. */
export function ImportFile({ what }: { what: Table }) {
  const [given, setGiven] = useState<Given | null>(null)
  const [told, setTold] = useState<Told | null>(null)
  const body = given && bodyOf(given)
  const preview = useQuery(importPreview(what, body, setTold))
  const take = useChange(
    (file: Schemas['ImportRequest']) => askLong<Schemas['DiaryEntry']>(`/api/files/${what}`, file, setTold),
    () => setGiven(null),
  )
  const busy = (given !== null && preview.isFetching) || take.isPending
  const give = (next: Given | null) => {
    setTold(null)
    take.reset()
    setGiven(next)
  }

  return (
    <div className="mt-3 border-t border-ink pt-2">
      <FileOrLines given={given} onGive={give} />
      {busy && <HowFar told={told} onStop={take.isPending ? null : () => give(null)} />}
      {given && preview.error && (
        <p role="alert" className="font-bold text-red">
          {preview.error.message}
        </p>
      )}
      {given && !preview.error && preview.data && (
        <ImportPreview
          preview={preview.data}
          onAnswer={(answer) =>
            setGiven({ ...given, answer: [given.answer, answer].filter(Boolean).join(',') })
          }
        >
          <Button
            writes
            weight="main"
            disabled={busy || preview.data.sound === 0 || preview.data.question !== null}
            onClick={() => take.mutate(bodyOf(given))}
          >
            {preview.data.sound === 1 ? 'Import 1 line' : `Import ${preview.data.sound} lines`}
          </Button>
          <Button onClick={() => give(null)}>Leave it</Button>
        </ImportPreview>
      )}
      {take.error && (
        <p role="alert" className="font-bold text-red">
          {take.error.message}
        </p>
      )}
      {take.data && !given && (
        <p role="status" className="mt-1">
          ✓ {take.data.sentence} The diary can undo it.
        </p>
      )}
    </div>
  )
}

const bodyOf = ({ name, text, answer }: Given): Schemas['ImportRequest'] => ({
  name,
  text,
  ...(answer !== undefined && { answer }),
})

interface FileOrLinesProps {
  given: Given | null
  onGive: (given: Given | null) => void
}

function FileOrLines({ given, onGive }: FileOrLinesProps) {
  const id = useId()
  const [unread, setUnread] = useState<string | null>(null)
  const read = async (file: File | undefined) => {
    if (!file) return
    try {
      onGive({ name: file.name, text: await file.text(), isFile: true })
      setUnread(null)
    } catch {
      // Moved or deleted since it was chosen.
      setUnread(file.name)
    }
  }
  return (
    <>
      <p className="flex flex-wrap items-baseline gap-x-3">
        <label htmlFor={`${id}-file`} className="font-bold">
          Import a file
        </label>
        <input
          id={`${id}-file`}
          type="file"
          accept=".csv,.txt,.tsv,text/csv,text/plain"
          className={FILE_FIELD}
          onChange={(event) => {
            void read(event.target.files?.[0])
            event.target.value = ''
          }}
        />
      </p>
      {unread !== null && (
        <p role="alert" className="font-bold text-red">
          “{unread}” could not be read. Is it still there? Choose it again.
        </p>
      )}
      {given?.isFile ? (
        <p className="mt-2">
          <strong>{given.name}</strong>, {given.text.trim().split('\n').length} lines
        </p>
      ) : (
        <>
          <label htmlFor={`${id}-text`} className="mt-2 block">
            or paste lines, with their headings
          </label>
          <textarea
            id={`${id}-text`}
            rows={4}
            value={given?.text ?? ''}
            spellCheck={false}
            onChange={(event) =>
              onGive(
                event.target.value === ''
                  ? null
                  : { name: 'pasted lines', text: event.target.value, isFile: false },
              )
            }
            className="w-full border border-ink bg-sheet p-2 font-mono text-sm"
          />
        </>
      )}
    </>
  )
}
