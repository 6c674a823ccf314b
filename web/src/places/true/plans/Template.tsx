interface TemplateProps {
  plan: string
  figures: Readonly<Record<string, string>>
  sheets: readonly string[]
  isSound: boolean
}

/** The template on paper, at true size. */
export function Template({ plan, figures, sheets, isSound }: TemplateProps) {
  const asked = new URLSearchParams(
    Object.entries(figures)
      .filter(([, typed]) => typed !== '')
      .map(([name, typed]) => [`figures[${name}]`, typed]),
  )
  const file = (name: string) => `/api/plans/${plan}/template/${name}?${asked.toString()}`
  return (
    <section className="mt-5 border-t border-rule pt-2" aria-label="Template">
      <h2 className="text-lg">Template, at true size</h2>
      {isSound ? (
        <>
          <p className="flex flex-wrap gap-x-5">
            <a href={file('sheets.pdf')} className="min-h-8 font-bold underline underline-offset-4">
              {sheets.length === 1 ? 'One sheet: PDF' : `${sheets.length} sheets: PDF`}
            </a>
            <a href={file('whole.svg')} className="min-h-8 underline underline-offset-4">
              In one piece: SVG
            </a>
            {sheets.length < 13 &&
              sheets.map((name) => (
                <a
                  key={name}
                  href={file(`${name}.svg`)}
                  className="min-h-8 text-sm underline underline-offset-4"
                >
                  {name}
                </a>
              ))}
          </p>
          <p className="text-sm text-soft">
            Print at 100 %, measure the 100 mm line first, join the sheets at the diamonds.
          </p>
        </>
      ) : (
        <p className="text-soft">It can be printed once all sizes are right.</p>
      )}
    </section>
  )
}
