import { useState } from 'react'
import { sendFile, type Schemas } from '@/api/client'
import { Button } from '@/parts/Button'
import { FILE_FIELD } from '@/parts/fileField'
import { Complaint } from '@/parts/Keeping'
import { useChange } from '@/parts/useChange'

/** A bench that was carried away as a file: what it has is shown before it comes. */
export function BringBench({ onBrought }: { onBrought: (bench: number) => void }) {
  const [file, setFile] = useState<File | null>(null)
  const look = useChange((given: File) =>
    sendFile<Schemas['BroughtBench']>('/api/benches/file/preview', 'file', given),
  )
  const bring = useChange(
    (given: File) => sendFile<Schemas['Benches']>('/api/benches/file', 'file', given),
    ({ benches }) => onBrought(benches[0]?.id ?? 0),
  )
  const give = (given: File | null) => {
    setFile(given)
    bring.reset()
    look.reset()
    if (given) look.mutate(given)
  }
  const found = file && look.data

  return (
    <section aria-label="Bring a bench">
      <h2 className="mt-6 text-lg">Bring a bench that was carried away</h2>
      <label className="mt-1 block">
        <span className="block text-sm text-soft">Its file, as one of the benches here gives it.</span>
        <input
          type="file"
          accept=".zip,application/zip"
          className={`mt-1 block ${FILE_FIELD}`}
          onChange={(event) => give(event.target.files?.[0] ?? null)}
        />
      </label>
      {look.isPending && <p className="text-soft">Reading it …</p>}
      <Complaint problem={look.error ?? bring.error} besides={[]} />
      {found && (
        <div className="mt-2 border-l-4 border-ink pl-3">
          <p>{found.says}</p>
          <p className="text-sm text-soft">
            It comes as “{found.name}”, beside the benches that are here. As long as nothing is written there,
            it can be taken back.
          </p>
          <p className="mt-2 flex flex-wrap gap-x-5 gap-y-2">
            <Button weight="main" disabled={bring.isPending} onClick={() => bring.mutate(file)}>
              {bring.isPending ? 'Bringing …' : 'Bring it'}
            </Button>
            <Button onClick={() => give(null)}>Leave it</Button>
          </p>
        </div>
      )}
    </section>
  )
}
