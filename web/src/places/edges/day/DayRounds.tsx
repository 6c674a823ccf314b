import type { Schemas } from '@/api/client'

/** Stone after stone: who goes over it, with how many strokes, at which setting. */
export function DayRounds({ rounds }: { rounds: readonly Schemas['DayRound'][] }) {
  if (rounds.length === 0) return null
  return (
    <section>
      <h2 className="mb-1 text-lg">Round by round</h2>
      <ol>
        {rounds.map((round, index) => (
          <li key={`${round.stone} ${index}`} className="border-t border-rule py-2">
            <p className="flex items-baseline justify-between gap-3">
              <strong>{round.stone}</strong>
              <span className="text-sm text-soft">{round.minutes}</span>
            </p>
            <ul>
              {round.visits.map((visit) => (
                <li key={visit.edgeId} className="flex items-baseline gap-3">
                  <span className="grow">{visit.edge}</span>
                  {visit.setting && <span className="text-sm text-soft">{visit.setting}</span>}
                  <span className="w-24 shrink-0 text-right">
                    {visit.strokes > 0 ? (
                      <>
                        <span className="font-slab text-lg font-semibold">{visit.strokes}</span> strokes
                      </>
                    ) : (
                      'grind'
                    )}
                  </span>
                </li>
              ))}
            </ul>
          </li>
        ))}
      </ol>
    </section>
  )
}
