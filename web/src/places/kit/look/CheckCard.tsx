import clsx from 'clsx'
import type { Schemas } from '@/api/client'
import { Sign } from '@/drawings/signs/Sign'
import { STALL_SIGNS } from '@/drawings/signs/stallSigns'
import { Button } from '@/parts/Button'
import { ReadingField } from '@/parts/ReadingField'
import { told } from '@/parts/told'

interface CheckCardProps {
  check: Schemas['LookCheck']
  place: number
  of: number
  typed: readonly string[]
  onReadings: (typed: readonly string[]) => void
  onOutcome: (outcome: Schemas['LookCheck']['outcome']) => void
  onNext: () => void
}

/** The check in hand: what to do, how it is done, and three answers a thumb can hit. */
export function CheckCard({ check, place, of, typed, onReadings, onOutcome, onNext }: CheckCardProps) {
  return (
    <section aria-label="Next stroke" className="border-t-4 border-ink pt-3">
      <p className="text-sm text-soft">
        check {place} of {of}
      </p>
      <p
        aria-live="polite"
        data-testid="next-stroke"
        className="font-slab text-[1.65rem] leading-[1.15] font-semibold"
      >
        {check.asks}
      </p>
      <div className="mt-3 flex items-start gap-4">
        <Sign shapes={STALL_SIGNS[check.sign]} large />
        <p className="text-soft">
          Sound: {check.see}
          {check.sound && <span className="block">By the rule: {check.sound}.</span>}
        </p>
      </div>
      {check.labels.map((label, index) => (
        <ReadingField
          key={label}
          label={sentence(label)}
          value={typed[index] ?? ''}
          reading={check.readings[index]}
          stepMm={0.1}
          onChange={(text) =>
            onReadings(check.labels.map((_, at) => (at === index ? text : (typed[at] ?? ''))))
          }
        />
      ))}
      {check.outcome && (
        <p className="mt-2">
          <strong className={clsx(check.outcome === 'walk-away' && 'text-red')}>
            {WORDS[check.outcome]}
          </strong>{' '}
          {told(check.says)}
        </p>
      )}
      <div className="mt-3 grid grid-cols-3 gap-2">
        {check.outcomes.map(({ value, label }) => (
          <button
            key={value}
            type="button"
            aria-pressed={check.outcome === value}
            onClick={() => onOutcome(value as Schemas['LookCheck']['outcome'])}
            className={clsx(
              'min-h-14 border-2 px-2 font-bold',
              value === 'walk-away' ? 'border-red text-red' : 'border-ink',
              check.outcome === value && 'bg-wood',
            )}
          >
            {value === 'sound' && '✓ '}
            {label}
          </button>
        ))}
      </div>
      {check.outcome && (
        <p className="mt-1">
          <Button onClick={onNext}>Next check</Button>
        </p>
      )}
    </section>
  )
}

const WORDS = { sound: '✓ Sound.', mend: 'To mend:', 'walk-away': 'Walk away:' } as const

const sentence = (words: string) => words.charAt(0).toUpperCase() + words.slice(1)
