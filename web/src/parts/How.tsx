import { Popover } from 'radix-ui'
import type { Schemas } from '@/api/client'

const basis = {
  published: 'Published',
  'common-practice': 'Common practice',
  'from-memory': 'From memory',
  model: 'A model’s estimate',
} as const

/** “how?”: the formula with the user's own numbers in it, and how far to believe it. */
export function How({ how }: { how: readonly Schemas['Explanation'][] }) {
  if (how.length === 0) return null

  return (
    <Popover.Root>
      <Popover.Trigger className="min-h-8 underline underline-offset-4">how?</Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          collisionPadding={12}
          sideOffset={6}
          className="z-30 max-h-[70vh] w-[min(30rem,calc(100vw-1.5rem))] overflow-auto border-2 border-ink bg-sheet p-4"
        >
          {how.map((row) => (
            <section key={row.asks} className="mb-4 last:mb-0">
              <h3 className="text-base">{row.asks}</h3>
              <p className="mt-1 text-sm text-soft">{row.formula}</p>
              <p className="my-1 text-lg">{row.numbers}</p>
              <p className="text-sm text-soft">
                <strong className="text-ink">{basis[row.basis]}.</strong> {row.source}
              </p>
            </section>
          ))}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}
