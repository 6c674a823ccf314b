import type { Schemas } from '@/api/client'

interface PrintedSheetsProps {
  board: Schemas['ShadowBoard'] | null
  touched: boolean
  sheets: readonly Schemas['PrintedTile'][]
}

/** The board's outlines on paper, at true size. */
export function PrintedSheets({ board, touched, sheets }: PrintedSheetsProps) {
  if (!board) return <p className="text-soft">Once it is saved, its outlines are printed from here.</p>
  const file = (name: string) => `/api/shadow-boards/${board.id}/${name}`
  return (
    <section>
      <h2 className="mb-1 text-lg">On paper, at true size</h2>
      {touched && (
        <p className="text-amber">
          These are the sheets of the board as it is saved; save your changes first.
        </p>
      )}
      <p className="flex flex-wrap gap-x-5">
        <a href={file('sheets.pdf')} className="min-h-8 font-bold underline underline-offset-4">
          Print all sheets: PDF
        </a>
        <a href={file('whole.svg')} className="min-h-8 underline underline-offset-4">
          The whole board: SVG
        </a>
      </p>
      <p className="text-soft">
        Print at 100 %. Lay a rule on the 100 mm line of a sheet before you trust it; hold the tool itself on
        its outline before you cut: knobs and handles are drawn in usual proportions.
      </p>
      {!touched && sheets.length > 0 && (
        <details className="mt-2">
          <summary className="min-h-8 cursor-pointer text-soft">One sheet at a time, SVG</summary>
          <p className="flex flex-wrap gap-x-4">
            {sheets.map((sheet) => (
              <a
                key={sheet.name}
                href={file(`${sheet.name}.svg`)}
                className="min-h-8 underline underline-offset-4"
              >
                {sheet.name}
              </a>
            ))}
          </p>
        </details>
      )}
    </section>
  )
}
