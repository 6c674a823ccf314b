import clsx from 'clsx'
import type { Schemas } from '../../api/client'

const verdicts = {
  within: { sign: '✓', says: 'Within your' },
  outside: { sign: '', says: 'Outside your' },
  'cannot-tell': { sign: '?', says: 'Can’t tell against your' },
} as const

/** The error in large figures; its uncertainty and the verdict beside it. */
export function Answer({ preview, tolerance }: { preview: Schemas['SquarePreview']; tolerance: string }) {
  const { result } = preview
  const verdict = result?.verdict ? verdicts[result.verdict] : null

  return (
    <div className="mt-3 flex min-h-20 items-start gap-4" data-testid="answer">
      <p className="shrink-0 font-slab text-4xl leading-none font-semibold">{result?.error ?? '–'}</p>
      <p className="text-soft">
        {result ? preview.standing : 'out of square, as soon as a gap is typed.'}{' '}
        {verdict && (
          <strong className={clsx(result?.verdict === 'outside' ? 'text-red' : 'text-ink')}>
            {verdict.sign} {verdict.says} {tolerance}.
          </strong>
        )}
      </p>
    </div>
  )
}
