import clsx from 'clsx'
import { Figures } from '@/parts/told'
import { verdicts } from './verdicts'

interface AnswerProps {
  /** The error in figures; null while there is none. */
  error: string | null
  /** What is said beside it, or what is waited for. */
  says: string
  verdict: keyof typeof verdicts | null | undefined
}

/** The error in large figures; its uncertainty and the verdict beside it. */
export function Answer({ error, says, verdict }: AnswerProps) {
  return (
    <div className="mt-3 flex min-h-20 items-start gap-4" data-testid="answer">
      <p className="shrink-0 font-slab text-4xl leading-none font-semibold">
        {error ? <Figures text={error} /> : '–'}
      </p>
      <p className="text-soft">
        {says}{' '}
        {verdict && (
          <strong className={clsx(verdict === 'outside' ? 'text-red' : 'text-ink')}>
            {verdicts[verdict]}
          </strong>
        )}
      </p>
    </div>
  )
}
