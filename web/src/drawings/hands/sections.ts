import type { Schemas } from '@/api/client'
import { WIDTH } from './onStone'

type Sizes = Schemas['StepHands']['sizes']

/** A size by its name; the usual one where the step was begun without. */
const sized = (sizes: Sizes, usual: Readonly<Record<string, number>>) => (name: string) =>
  sizes[name]?.mm ?? usual[name] ?? 0

/** The upper face of the wood, px. */
export const FACE = 96
const EDGE_X = 130
const END_X = WIDTH - 40
/** No recess is drawn farther from its edge than this, px: what lies between is left out. */
const FARTHEST = 170

/** A recess in section: where it lies, how much of it is cut. */
export function recessAt(sizes: Sizes, done: number) {
  const mm = sized(sizes, { edge: 10, width: 6, depth: 6, stock: 18 })
  const scale = Math.min(104 / mm('stock'), 150 / mm('width'))
  const isBroken = mm('edge') * scale > FARTHEST
  const left = EDGE_X + Math.min(FARTHEST, mm('edge') * scale)
  return {
    edgeX: EDGE_X,
    endX: END_X,
    /** Whether wood between the edge and the recess is left out. */
    isBroken,
    left,
    right: left + Math.max(8, mm('width') * scale),
    bottom: FACE + mm('stock') * scale,
    floor: FACE + mm('depth') * scale,
    cut: FACE + mm('depth') * scale * done,
    isAtEdge: mm('edge') <= 0,
  }
}

/** A hole in section: the bit in it as deep as it has been turned. */
export function holeAt(sizes: Sizes, done: number) {
  const mm = sized(sizes, { bit: 12, board: 30, depth: 20, screw: 8 })
  const scale = Math.min(116 / mm('board'), 70 / mm('bit'))
  return {
    left: WIDTH / 2 - (mm('bit') * scale) / 2,
    wide: mm('bit') * scale,
    bottom: FACE + mm('board') * scale,
    floor: FACE + mm('depth') * scale,
    cut: FACE + mm('depth') * scale * done,
    screw: mm('screw') * scale,
  }
}

const TEETH = 5
const PITCH = 92

/** Teeth of a saw, tips up, true to pitch, height and front; each by its tip and the gullet before it. */
export function teethAt(sizes: Sizes) {
  const mm = sized(sizes, { pitch: 1.7, height: 1.1, front: 1.15 })
  const scale = PITCH / mm('pitch')
  const high = Math.min(100, mm('height') * scale)
  const lean = Math.min(PITCH / 2, Math.sqrt(Math.max(0, mm('front') ** 2 - mm('height') ** 2)) * scale)
  const left = (WIDTH - TEETH * PITCH) / 2
  const tip = 90
  return {
    left,
    right: left + TEETH * PITCH,
    tip,
    pitch: PITCH,
    high,
    teeth: Array.from({ length: TEETH }, (_, index) => ({
      gullet: left + index * PITCH,
      tipX: left + index * PITCH + lean,
    })),
  }
}
