interface TrueSizeProps {
  question: string
  sent: { typed: Record<string, string>; choices: Record<string, string> }
  work: number | null
  sheets: number
}

/** The drawing on paper at true size, to prick through. */
export function TrueSize({ question, sent, work, sheets }: TrueSizeProps) {
  const asked = new URLSearchParams([
    ...Object.entries(sent.typed).map(([name, typed]) => [`typed[${name}]`, typed]),
    ...Object.entries(sent.choices).map(([name, chosen]) => [`choices[${name}]`, chosen]),
    ...(work === null ? [] : [['work', String(work)]]),
  ])
  const file = (name: string) => `/api/set-out/${question}/template/${name}?${asked.toString()}`
  return (
    <section className="mt-5 border-t border-rule pt-2" aria-label="Template">
      <h2 className="text-lg">Template, at true size</h2>
      <p className="flex flex-wrap gap-x-5">
        <a href={file('sheets.pdf')} className="min-h-8 font-bold underline underline-offset-4">
          {sheets === 1 ? 'One sheet: PDF' : `${sheets} sheets: PDF`}
        </a>
        <a href={file('whole.svg')} className="min-h-8 underline underline-offset-4">
          In one piece: SVG
        </a>
        <a href={file('whole.dxf')} className="min-h-8 underline underline-offset-4">
          Its lines: DXF
        </a>
      </p>
      <p className="text-sm text-soft">Print at 100 %, and measure the 100 mm line first.</p>
    </section>
  )
}
