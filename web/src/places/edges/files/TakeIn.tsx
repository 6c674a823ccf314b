import { useQuery } from '@tanstack/react-query'
import { useId, useState } from 'react'
import { answered, client } from '../../../api/client'
import { importPreview, type Table } from '../../../api/queries'
import { Button } from '../../../parts/Button'
import { useChange } from '../../../parts/useChange'
import { ImportPreview } from './ImportPreview'

interface Given {
  name: string
  text: string
}

/** A file, or lines pasted from a spreadsheet: what they would bring is shown before anything is written. */
export function TakeIn({ what }: { what: Table }) {
  const id = useId()
  const [given, setGiven] = useState<Given | null>(null)
  const preview = useQuery(importPreview(what, given))
  const take = useChange(
    (file: Given) => answered(client.POST('/api/files/{what}', { params: { path: { what } }, body: file })),
    () => setGiven(null),
  )
  const read = async (file: File | undefined) => {
    if (file) setGiven({ name: file.name, text: await file.text() })
  }

  return (
    <div className="mt-3 border-t border-ink pt-2">
      <p className="flex flex-wrap items-baseline gap-x-3">
        <label htmlFor={`${id}-file`} className="font-bold">
          Take in a file
        </label>
        <input
          id={`${id}-file`}
          type="file"
          accept=".csv,.txt,.tsv,text/csv,text/plain"
          className="w-full min-w-0 file:mr-3 file:min-h-9 file:cursor-pointer file:border file:border-ink file:bg-sheet file:px-3"
          onChange={(event) => {
            void read(event.target.files?.[0])
            event.target.value = ''
          }}
        />
      </p>
      <label htmlFor={`${id}-text`} className="mt-2 block">
        or paste lines, with their headings
      </label>
      <textarea
        id={`${id}-text`}
        rows={4}
        value={given?.text ?? ''}
        spellCheck={false}
        onChange={(event) =>
          setGiven(
            event.target.value === ''
              ? null
              : { name: given?.name ?? 'pasted lines', text: event.target.value },
          )
        }
        className="w-full border border-ink bg-sheet p-2 font-mono text-sm"
      />
      {given && preview.error && (
        <p role="alert" className="font-bold text-red">
          {preview.error.message}
        </p>
      )}
      {given && !preview.error && preview.data && (
        <ImportPreview preview={preview.data}>
          <Button
            weight="main"
            disabled={take.isPending || preview.data.sound === 0}
            onClick={() => take.mutate(given)}
          >
            {preview.data.sound === 1 ? 'Take in 1 line' : `Take in ${preview.data.sound} lines`}
          </Button>
          <Button onClick={() => setGiven(null)}>Leave it</Button>
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
