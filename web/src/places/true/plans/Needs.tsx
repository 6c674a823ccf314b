import { memo } from 'react'
import { Link } from 'react-router'
import type { Schemas } from '@/api/client'

/** More than this nobody reads: an empty kit lacks everything. */
const MOST = 6

/** What the kit lacks for it, and the cheapest that would do. */
export const Needs = memo(function Needs({ needs }: { needs: Schemas['PlanNeeds'] }) {
  return (
    <section className="mt-5 border-t border-rule pt-2" aria-label="What it needs">
      <h2 className="text-lg">What it needs of your kit</h2>
      <p>
        {needs.missing.length === 0 ? '✓ ' : ''}
        {needs.says}
      </p>
      {needs.missing.length > 0 && (
        <>
          <ul>
            {needs.missing.slice(0, MOST).map((lack) => (
              <li key={lack.operation}>
                <span className="text-red">✗</span> {lack.operation}{' '}
                <span className="text-sm text-soft">{lack.says}</span>
              </li>
            ))}
            {needs.missing.length > MOST && (
              <li className="text-soft">and {needs.missing.length - MOST} more</li>
            )}
          </ul>
          <p className="mt-1">
            The cheapest that would do, {needs.cost} in all (prices are invented):{' '}
            {needs.ladder.map((get) => `${get.made ? 'make ' : ''}${get.name}, ${get.price}`).join('; ')}.
          </p>
          <Link to="/kit/ladder" className="underline underline-offset-4">
            See the ladder
          </Link>
        </>
      )}
    </section>
  )
})
