import clsx from 'clsx'
import type { Schemas } from '@/api/client'
import { told } from '@/parts/told'

interface BitListProps {
  page: Schemas['AugerPage']
  chosen: number
  onChoose: (sixteenths: number) => void
}

/** The bits in words, and the holes of the works that none of them bores. */
export function BitList({ page, chosen, onChoose }: BitListProps) {
  return (
    <>
      {page.gaps.map((gap) => (
        <p key={gap} className="mb-2 border-l-4 border-amber pl-3">
          {gap}
        </p>
      ))}
      <ul className="grid gap-x-6 sm:grid-cols-2">
        {page.bits.map((bit) => (
          <li key={bit.sixteenths} className="border-t border-rule">
            <button
              type="button"
              data-read
              aria-pressed={bit.sixteenths === chosen}
              onClick={() => onChoose(bit.sixteenths)}
              className={clsx(
                'flex min-h-9 w-full justify-between gap-3 px-1 text-left hover:bg-wood',
                bit.sixteenths === chosen && 'font-bold',
              )}
            >
              <span>{bit.name}</span>
              <span className={bit.verdict === 'set-aside' ? 'text-red' : 'text-soft'}>{told(bit.says)}</span>
            </button>
          </li>
        ))}
      </ul>
    </>
  )
}
