import type { ReactNode } from 'react'
import { useParams } from 'react-router'
import { Heading } from '@/parts/Heading'
import { MainLink } from '@/parts/MainLink'
import { NextStroke } from '@/parts/NextStroke'
import { Lost, Waiting } from '@/parts/Notice'
import { RecordNav } from '@/parts/RecordNav'
import { EdgesNav } from './EdgesNav'

interface ByToolProps {
  title: string
  says: string
  /** Where each of them has its page. */
  place: string
  tools: readonly { id: number; name: string }[] | undefined
  problem: unknown
  /** Shown while there is none: what to hang up first, and why. */
  empty: { says: string; why: string; to: string; button: string }
  children: (tool: number) => ReactNode
}

/** Edges that belong to their tools and have a way of their own: one tool beside the other, and the page of one. */
export function ByTool({ title, says, place, tools, problem, empty, children }: ByToolProps) {
  const { id } = useParams()
  if (problem) return <Lost problem={problem} />
  if (!tools) return <Waiting />
  const tool = tools.find((row) => String(row.id) === id) ?? tools[0]

  return (
    <>
      <Heading title={title} says={says} />
      <EdgesNav />
      {tools.length > 1 && (
        <RecordNav
          label={title}
          rows={tools.map((row) => ({
            to: `${place}/${row.id}`,
            text: row.name,
            here: row.id === tool?.id,
          }))}
        />
      )}
      {tool ? (
        children(tool.id)
      ) : (
        <div className="max-w-2xl">
          <NextStroke says={empty.says} why={empty.why}>
            <MainLink to={empty.to}>{empty.button}</MainLink>
          </NextStroke>
        </div>
      )}
    </>
  )
}
