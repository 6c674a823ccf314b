import type { Schemas } from '../../../api/client'

const verdicts = {
  within: '✓ Within your tolerance.',
  outside: 'Outside your tolerance.',
  'cannot-tell': '? Can’t tell against your tolerance.',
} as const

/** Straightness in large figures, its uncertainty and the verdict beside it. */
export function StraightAnswer({ preview }: { preview: Schemas['StraightPreview'] }) {
  const { result } = preview
  return (
    <div className="mt-3 flex min-h-20 items-start gap-4" data-testid="answer">
      <p className="shrink-0 font-slab text-4xl leading-none font-semibold">{result?.straightness ?? '–'}</p>
      <p className="text-soft">
        {result ? preview.standing : 'out of straight, as soon as three gaps are typed.'}{' '}
        {result?.verdict && (
          <strong className={result.verdict === 'outside' ? 'text-red' : 'text-ink'}>
            {verdicts[result.verdict]}
          </strong>
        )}
      </p>
    </div>
  )
}
