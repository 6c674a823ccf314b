const BARE_FIGURE = /^\s*[-−+]?[\d.,/\s-]*\d[.,]?\s*$/
const WORD: Readonly<Record<string, string>> = { mm: 'mm', inch: 'in' }

/** Bare figures get the unit they were typed in written behind them; all else stays as it is. */
export function inUnit<T extends object>(typed: T, unit: string): T {
  return Object.fromEntries(Object.entries(typed).map(([name, value]) => [name, marked(value, unit)])) as T
}

function marked(value: unknown, unit: string): unknown {
  if (Array.isArray(value)) return value.map((entry) => marked(entry, unit))
  if (typeof value === 'object' && value !== null) return inUnit(value, unit)
  return typeof value === 'string' && BARE_FIGURE.test(value)
    ? `${value.trim()} ${WORD[unit] ?? unit}`
    : value
}
