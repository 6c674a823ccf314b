import type { Schemas } from '@/api/client'
import { ItsEdges } from './ItsEdges'

const grades = ['', 'last resort', 'makeshift', 'sound', 'good', 'best'] as const

/** What the tool does, in which company, and on which conditions; its edges; what goes with it. */
export function Serves({ page }: { page: Schemas['ToolPage'] }) {
  const { kind } = page
  return (
    <div className="grid gap-x-8 md:grid-cols-2">
      <section>
        <h2 className="mb-1 text-lg">What it serves</h2>
        {page.serves.map((row) => (
          <div key={row.operation} className="border-t border-rule py-1.5">
            <h3 className="font-sans text-base font-bold">{row.operation}</h3>
            {row.ways.map((way) => (
              <p key={`${way.tools} ${way.says}`} className="text-sm text-soft">
                <strong className="text-ink">{grades[way.grade]}</strong> – {way.tools}: {way.says}
                {way.if.length > 0 && <span className="block pl-4">if {way.if.join('; ')}</span>}
              </p>
            ))}
          </div>
        ))}
      </section>
      <section>
        <h2 className="mb-1 text-lg">What it needs</h2>
        <p className="border-t border-rule py-1.5">
          {kind.needs.length > 0
            ? `It counts only with ${kind.needs.join(' and ')}.`
            : 'Nothing beside itself.'}
          {kind.wants.length > 0 && ` Good to have beside it: ${kind.wants.join(', ')}.`}
        </p>
        <h2 className="mt-3 mb-1 text-lg">What can go wrong</h2>
        <p className="border-t border-rule py-1.5">
          {kind.wrong}
          <span className="block text-sm text-soft">
            The usual cautions; local rules, the maker’s instructions and trained teaching come first.
          </span>
        </p>
        <ItsEdges page={page} />
        {page.loses.length > 1 && (
          <>
            <h2 className="mt-3 mb-1 text-lg">What would stop without it</h2>
            <ul>
              {page.loses.map((row) => (
                <li key={row} className="border-t border-rule py-1.5">
                  {row}
                </li>
              ))}
            </ul>
          </>
        )}
        <p className="mt-3 text-sm text-soft">Common practice; grades from memory.</p>
      </section>
    </div>
  )
}
