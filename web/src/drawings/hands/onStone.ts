/** The size of the drawing, px. */
export const WIDTH = 640
export const HEIGHT = 230
/** The top of the stone. */
export const STONE = 190

const EDGE_X = 150
const BLADE = 24
const LENGTH = 330
/** How far up its back the blade is held, along the back. */
const HELD = 170

type Point = readonly [number, number]

/** A blade on a stone at an angle: its bevel lies on it, and its back rises from the edge. */
export function bladeAt(angleDeg: number) {
  const angle = (angleDeg * Math.PI) / 180
  const [along, up] = [Math.cos(angle), Math.sin(angle)]
  // On its back from the edge, and square to it into the steel.
  const at = (back: number, deep = 0): Point => [
    EDGE_X + back * along + deep * up,
    STONE - back * up + deep * along,
  ]
  const heel: Point = [EDGE_X + BLADE / up, STONE]
  const [heldX, heldY] = at(HELD, BLADE)
  const roller = 17
  return {
    blade: pathOf([at(0), at(LENGTH), at(LENGTH, BLADE), heel]),
    guide: pathOf([
      at(HELD, -14),
      at(HELD + 52, -14),
      at(HELD + 52, BLADE + 10),
      [heldX + 34, STONE - roller],
      at(HELD, BLADE + 10),
    ]),
    roller: { x: Math.max(heldX + 26, heel[0] + roller + 4), y: STONE - roller, r: roller },
    /** From the edge to the guide, along the back and off it. */
    projection: { from: at(0, -30), to: at(HELD, -30), says: at(HELD / 2, -62) },
    arc: `M${EDGE_X + 62} ${STONE}A62 62 0 0 0 ${at(62)[0]} ${at(62)[1]}`,
    angle: [Math.max(heldX + 110, 400), STONE - 26] as Point,
    height: heldY,
  }
}

const pathOf = (points: readonly Point[]) =>
  `M${points.map(([x, y]) => `${x.toFixed(1)} ${y.toFixed(1)}`).join('L')}Z`

const PIECE_X = 40
const PIECE = WIDTH - 2 * PIECE_X

/** Where along a piece the plane begins and runs out. */
export function strokeAlong(fromMm: number, toMm: number, lengthMm: number) {
  const x = (mm: number) => PIECE_X + (PIECE * mm) / lengthMm
  const [from, to] = [x(fromMm), x(toMm)]
  // A stroke at one place is as wide as can be seen.
  return to - from < 8
    ? { from: from - 4, to: to + 4, left: PIECE_X, right: PIECE_X + PIECE }
    : { from, to, left: PIECE_X, right: PIECE_X + PIECE }
}
