import type { Schemas } from '@/api/client'

/** The board of stops, to be printed at true size and glued to a piece of wood. */
export function PrintedBoard({ guide, touched }: { guide: Schemas['Guide'] | null; touched: boolean }) {
  if (!guide || guide.stops.length === 0)
    return (
      <p className="text-soft">
        Once it is saved with its stops, its board is printed from here at true size.
      </p>
    )
  const file = (kind: string) => `/api/guides/${guide.id}/board.${kind}`
  return (
    <section>
      <h2 className="mb-1 text-lg">Its projection board</h2>
      {touched && <p className="text-amber">This is the board as it is saved; save your changes first.</p>}
      <p className="flex flex-wrap gap-x-5">
        <a href={file('pdf')} className="min-h-8 underline underline-offset-4">
          Print it: PDF
        </a>
        <a href={file('svg')} className="min-h-8 underline underline-offset-4">
          SVG
        </a>
        <span className="text-soft">
          At true size, 100 %. Lay a rule on its 100 mm line before you trust it.
        </span>
      </p>
      <img
        src={`${file('svg')}?v=${guide.version}`}
        alt={`The board: ${guide.says}`}
        className="mt-2 max-h-[60vh] border border-rule bg-white"
      />
    </section>
  )
}
