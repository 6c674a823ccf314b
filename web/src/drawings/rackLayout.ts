interface Placed {
  x: number
  /** How many lines its label stands higher, so that labels of neighbours do not touch. */
  row: number
}

// A label such as "P1200" with air to both sides, px.
const LABEL = 46
const ROWS = 3

/** Labels above their stones: where neighbours would touch, the finer one's stands a line higher. */
export function rackLayout(stones: readonly { key: string; x: number }[]): Map<string, Placed> {
  const ends = Array.from({ length: ROWS }, () => -Infinity)
  const placed = new Map<string, Placed>()
  for (const stone of [...stones].sort((a, b) => a.x - b.x)) {
    const free = ends.findIndex((end) => stone.x - LABEL / 2 >= end)
    const row = free === -1 ? ROWS - 1 : free
    ends[row] = stone.x + LABEL / 2
    placed.set(stone.key, { x: stone.x, row })
  }
  return placed
}
