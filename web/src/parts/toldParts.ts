/** A piece of a sentence that is read at the bench: words, a fraction of an inch, or the unit after a figure. */
export type ToldPart =
  | { kind: 'words'; text: string }
  | { kind: 'fraction'; whole: string; above: string; below: string }
  | { kind: 'unit'; text: string }

/** A fraction that a rule has marks for; 1/7 is a slope, and 3/1 a date. */
const FRACTION = String.raw`(?<whole>\d+ )?(?<above>\d+)\/(?<below>2|4|8|16|32|64)(?= in\b)`
const UNIT = String.raw`(?<=[\d⁄] ?)(?<unit>mm|in|thou|µm|°|%)(?![\w])`
const PARTS = new RegExp(`${FRACTION}|${UNIT}`, 'g')

/** The parts of a text in their order; together they say the same. */
export function toldParts(text: string): ToldPart[] {
  const parts: ToldPart[] = []
  let at = 0
  for (const match of text.matchAll(PARTS)) {
    if (match.index > at) parts.push({ kind: 'words', text: text.slice(at, match.index) })
    const { whole = '', above, below, unit } = match.groups ?? {}
    if (unit) parts.push({ kind: 'unit', text: unit })
    else if (above && below) parts.push({ kind: 'fraction', whole: whole.trim(), above, below })
    at = match.index + match[0].length
  }
  if (at < text.length) parts.push({ kind: 'words', text: text.slice(at) })
  return parts
}
