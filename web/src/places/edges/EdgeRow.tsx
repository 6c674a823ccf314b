import clsx from 'clsx'
import { Link } from 'react-router'
import type { Schemas } from '@/api/client'
import { EdgeSection } from '@/drawings/EdgeSection'
import { degrees } from '@/drawings/geometry'
import { told } from '@/parts/told'

const STATE: Readonly<Record<string, string>> = { sharp: '', unknown: 'font-bold text-amber' }

interface EdgeRowProps {
  edge: Schemas['Edge']
  ahead: Schemas['OutlookEdge'] | undefined
  jobMinutes: number
}

/** One edge in the list: its section, what it wants, and when it will next want something. */
export function EdgeRow({ edge, ahead, jobMinutes }: EdgeRowProps) {
  const sharp = edge.condition === 'sharp'
  const sign = { sharp: '✓ ', unknown: '? ' }[edge.condition] ?? '○ '
  return (
    <Link to={`/edges/${edge.id}`} className="flex items-start gap-4 py-2 hover:bg-wood">
      <EdgeSection edge={edge} />
      <span className="min-w-0">
        <strong className="block underline decoration-rule underline-offset-4">{edge.name}</strong>
        <span className={clsx('block', STATE[edge.condition] ?? 'font-bold text-red')}>
          {sign}
          {told(edge.says)}
        </span>
        <span className="block text-sm text-soft">
          {degrees(edge.primaryDeg)} ground
          {edge.secondaryDeg > edge.primaryDeg && `, ${degrees(edge.secondaryDeg)} honed`}
        </span>
        {sharp && ahead && <span className="block text-sm text-soft">{ahead.forecast}</span>}
        {sharp && ahead?.likely && (
          <span className="block text-sm text-amber">
            Likely blunt after {jobMinutes} more minutes of work.
          </span>
        )}
      </span>
    </Link>
  )
}
