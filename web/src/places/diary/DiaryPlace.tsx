import { useQuery } from '@tanstack/react-query'
import { useMemo, useState } from 'react'
import { Link } from 'react-router'
import type { Schemas } from '@/api/client'
import { diary, edges } from '@/api/queries'
import { ToolWithin } from '@/drawings/ToolOutline'
import { Button } from '@/parts/Button'
import { DiaryLines } from '@/parts/DiaryLines'
import { Heading } from '@/parts/Heading'
import { Lost, Waiting } from '@/parts/Notice'
import { useOutlines } from '@/parts/useOutlines'

/** Everything recorded, newest first, searchable, undoable. */
export function DiaryPlace() {
  const [words, setWords] = useState('')
  const [pages, setPages] = useState<readonly (number | undefined)[]>([undefined])

  return (
    <>
      <Heading title="Diary" says="Everything recorded, newest first. Undoing is an entry of its own." />
      <p className="mb-3">
        <Link to="/diary/files" className="underline underline-offset-4">
          All of it as tables, out and in
        </Link>
      </p>
      <input
        type="search"
        aria-label="Words in the diary"
        placeholder="honed, chisel, fell…"
        value={words}
        onChange={(event) => {
          setWords(event.target.value)
          setPages([undefined])
        }}
        className="mb-4 w-full max-w-md border-b-2 border-ink bg-transparent py-1 text-lg placeholder:text-soft"
      />
      <div className="max-w-4xl">
        {pages.map((before, index) => (
          <Page
            key={before ?? 'newest'}
            words={words}
            before={before}
            onMore={index === pages.length - 1 ? (last) => setPages([...pages, last]) : undefined}
          />
        ))}
      </div>
    </>
  )
}

interface PageProps {
  words: string
  before: number | undefined
  onMore: ((last: number) => void) | undefined
}

function Page({ words, before, onMore }: PageProps) {
  const { data, error } = useQuery(diary(words, before))
  const drawn = useDrawn()
  if (error && !data) return <Lost problem={error} />
  if (!data) return <Waiting />
  const last = data.entries.at(-1)

  return (
    <>
      <DiaryLines
        entries={data.entries}
        drawn={drawn}
        empty={
          words
            ? 'No entry holds those words.'
            : 'Nothing is recorded yet. What you do at the bench writes itself down here.'
        }
      />
      {data.more && last && onMore && (
        <Button className="mt-3" onClick={() => onMore(last.id)}>
          Older entries
        </Button>
      )}
    </>
  )
}

/** The tool that an entry is about, or whose edge it is about. */
function useDrawn() {
  const outlines = useOutlines()
  const { data } = useQuery(edges())
  const toolOf = useMemo(() => new Map(data?.edges.map((edge) => [edge.id, edge.toolId])), [data])
  return (about: Schemas['About'] | null) => {
    const tool =
      about?.kind === 'edge' ? toolOf.get(about.id ?? -1) : about?.kind === 'tool' ? about.id : null
    const outline = outlines.get(tool ?? -1)
    return outline && <ToolWithin outline={outline} width={60} height={26} most={0.3} />
  }
}
