import { path } from './geometry'
import { box, disc, line, p, type SizeOf } from './shapes'

/** A work in one view, mm: wood filled, hidden lines dashed, and which measures run along and up. */
export interface WorkShape {
  width: number
  height: number
  bodies: string[]
  details: string[]
  along?: string
  up?: string
  says: string
}

type Shape = (size: SizeOf) => WorkShape

export const workShapes: Readonly<Record<string, Shape>> = {
  panel: (size) => {
    const [length, width] = [size('length', 500), size('width', 400)]
    const [rim, groove] = [Math.min(60, width * 0.16), size('groove', 0)]
    const boards = Math.max(1, Math.round((width - 2 * rim) / 120))
    const step = (width - 2 * rim) / boards
    return {
      width: length,
      height: width,
      bodies: [
        box(0, 0, length, rim),
        box(0, width - rim, length, rim),
        box(0, rim, rim, width - 2 * rim),
        box(length - rim, rim, rim, width - 2 * rim),
        ...Array.from({ length: boards }, (_, index) => box(rim, rim + index * step, length - 2 * rim, step)),
      ],
      details:
        groove > 0
          ? [box(rim - groove, rim - groove, length - 2 * (rim - groove), width - 2 * (rim - groove))]
          : [],
      along: 'length',
      up: 'width',
      says: groove > 0 ? 'from above; the groove dashed' : 'from above',
    }
  },
  shelf: (size) => {
    const [length, thickness, dado] = [size('length', 800), size('thickness', 20), size('dado', 18)]
    const height = length * 0.55
    const shelves = [0.2, 0.5, 0.8].map((at) => height * at)
    return {
      width: length,
      height,
      bodies: [
        box(0, 0, thickness, height),
        box(length - thickness, 0, thickness, height),
        ...shelves.map((y) => box(thickness * 0.66, y, length - thickness * 1.33, dado)),
      ],
      details: shelves.flatMap((y) => [
        line(p(thickness * 0.66, y), p(thickness * 0.66, y + dado)),
        line(p(length - thickness * 0.66, y), p(length - thickness * 0.66, y + dado)),
      ]),
      along: 'length',
      says: 'from the front; housed a third deep',
    }
  },
  stand: (size) => {
    const [length, leg, rail, tenon] = [
      size('length', 500),
      size('thickness', 40),
      size('rail', 60),
      size('tenon', 30),
    ]
    const height = size('height', length * 0.55)
    const railTop = Math.min(height * 0.2, rail)
    return {
      width: length,
      height,
      bodies: [
        box(leg, railTop, length - 2 * leg, rail),
        box(0, 0, leg, height),
        box(length - leg, 0, leg, height),
      ],
      details: [leg - tenon, length - leg].map((x) => box(x, railTop + rail * 0.12, tenon, rail * 0.76)),
      along: 'length',
      ...(size('height', 0) > 0 && { up: 'height' }),
      says: 'from the front; tenons dashed',
    }
  },
  frame: (size) => {
    const [length, width] = [size('length', 450), size('width', 40)]
    const height = length * 0.5
    return {
      width: length,
      height,
      bodies: [
        path([p(0, 0), p(length, 0), p(length, height), p(0, height)]) +
          ' ' +
          box(width, width, length - 2 * width, height - 2 * width),
        box(length / 2 - width / 2, width, width, height - 2 * width),
      ],
      details: [
        line(p(0, 0), p(width, width)),
        line(p(length, 0), p(length - width, width)),
        line(p(0, height), p(width, height - width)),
        line(p(length, height), p(length - width, height - width)),
      ],
      along: 'length',
      says: 'from above',
    }
  },
  rebated: (size) => {
    const [length, height, board] = [size('length', 350), size('height', 120), size('thickness', 15)]
    const groove = size('groove', 6)
    return {
      width: length,
      height,
      bodies: [
        box(0, 0, length, height),
        box(0, 0, board / 2, height),
        box(length - board / 2, 0, board / 2, height),
      ],
      details: [
        line(p(board, 0), p(board, height)),
        line(p(length - board, 0), p(length - board, height)),
        line(p(board / 2, height - 2 * groove), p(length - board / 2, height - 2 * groove)),
        line(p(board / 2, height - groove), p(length - board / 2, height - groove)),
      ],
      along: 'length',
      up: 'height',
      says: 'from its long side; rebates and groove dashed',
    }
  },
  halved: (size) => {
    const [length, width] = [size('length', 450), size('width', 40)]
    const height = length * 0.5
    const across = [0, length / 2 - width / 2, length - width]
    return {
      width: length,
      height,
      bodies: [
        box(0, 0, length, width),
        box(0, height - width, length, width),
        ...across.map((x) => box(x, 0, width, height)),
      ],
      details: across.flatMap((x) => [
        line(p(x, width), p(x + width, 0)),
        line(p(x, height), p(x + width, height - width)),
      ]),
      along: 'length',
      says: 'from above; halvings crossed',
    }
  },
  stool: (size) => {
    const [height, seat, socket] = [size('height', 450), size('seat', 40), size('socket', 25)]
    const width = 360
    const leg = (x: number, foot: number) =>
      path([
        p(x - socket / 2, seat),
        p(x + socket / 2, seat),
        p(foot + socket * 0.4, height),
        p(foot - socket * 0.4, height),
      ])
    return {
      width,
      height,
      bodies: [
        leg(80, 20),
        leg(width / 2, width / 2),
        leg(width - 80, width - 20),
        `M0 0 Q${width / 2} ${seat * 0.6} ${width} 0 L${width - 10} ${seat} L10 ${seat} Z`,
      ],
      details: [80, width / 2, width - 80].map((x) => line(p(x - socket / 2, seat), p(x - socket * 0.35, 6))),
      up: 'height',
      says: 'from the front; sockets dashed',
    }
  },
  bracket: (size) => {
    const [length, radius] = [size('length', 300), size('radius', 60)]
    const height = length * 0.6
    const r = Math.min(radius, height * 0.6)
    return {
      width: length,
      height,
      bodies: [
        `M0 0 L${length} 0 L${length} 24 Q${length * 0.5} 24 ${r} ${height * 0.5} Q${r * 0.7} ${height} 0 ${height} Z`,
      ],
      details: [disc(16, height * 0.8, 5), disc(length - 24, 12, 5)],
      along: 'length',
      says: 'from the side',
    }
  },
  tools: () => ({
    width: 400,
    height: 160,
    bodies: [0, 1, 2].map((row) =>
      path([p(0, row * 56), p(400, row * 56 + 12), p(400, row * 56 + 30), p(0, row * 56 + 44)]),
    ),
    details: [0, 1, 2].map((row) =>
      line(
        ...Array.from({ length: 41 }, (_, tooth) =>
          p(tooth * 10, row * 56 + 44 - tooth * 0.35 + (tooth % 2 ? 5 : 0)),
        ),
      ),
    ),
    says: 'plates, toothed edge down',
  }),
  own: () => ({
    width: 400,
    height: 220,
    bodies: [box(0, 30, 400, 30), box(40, 95, 320, 30), box(90, 160, 220, 30)],
    details: [line(p(0, 45), p(400, 45)), line(p(40, 110), p(360, 110)), line(p(90, 175), p(310, 175))],
    says: 'boards to begin with',
  }),
}
