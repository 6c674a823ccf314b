import { path, type Point } from './geometry'

/** One tool in its own outline, mm: hung by the top, drawn from its own dimensions. */
export interface Outline {
  width: number
  height: number
  /** Closed shapes, filled. */
  bodies: string[]
  /** Lines on them. */
  details: string[]
}

type Size = Readonly<Record<string, number>>
type Draw = (size: (name: string, usual: number) => number) => Outline

const box = (x: number, y: number, width: number, height: number) =>
  path([p(x, y), p(x + width, y), p(x + width, y + height), p(x, y + height)])
const p = (x: number, y: number): Point => ({ x, y })
const line = (...points: Point[]) => path(points, false)
const disc = (x: number, y: number, r: number) =>
  `M${x - r} ${y} a${r} ${r} 0 1 0 ${2 * r} 0 a${r} ${r} 0 1 0 ${-2 * r} 0 Z`

const draws: Readonly<Record<string, Draw>> = {
  plane: (size) => {
    const [length, height] = [size('length', 350), size('height', 140)]
    const sole = height * 0.36
    return {
      width: length,
      height,
      bodies: [
        path([
          p(0, height),
          p(0, height - sole * 0.4),
          p(length * 0.22, height - sole * 0.5),
          p(length * 0.4, height - sole),
          p(length * 0.62, height - sole),
          p(length * 0.85, height - sole * 0.5),
          p(length, height - sole * 0.4),
          p(length, height),
        ]),
        path([
          p(length * 0.7, height - sole * 0.6),
          p(length * 0.72, height * 0.22),
          p(length * 0.66, height * 0.05),
          p(length * 0.8, 0),
          p(length * 0.84, height * 0.25),
          p(length * 0.82, height - sole * 0.55),
        ]),
        disc(length * 0.15, height * 0.42, height * 0.13),
        box(length * 0.125, height * 0.5, length * 0.05, height * 0.25),
      ],
      details: [
        line(p(length * 0.38, height), p(length * 0.6, height * 0.22)),
        line(p(length * 0.4, height), p(length * 0.635, height * 0.24)),
      ],
    }
  },
  'wooden-plane': (size) => woodenPlane(size, false),
  fillister: (size) => woodenPlane(size, true),
  'shoulder-plane': (size) => {
    const [length, height] = [size('length', 200), size('height', 75)]
    return {
      width: length,
      height,
      bodies: [
        path([
          p(0, height),
          p(0, height * 0.45),
          p(length * 0.2, height * 0.25),
          p(length * 0.5, height * 0.2),
          p(length * 0.75, 0),
          p(length * 0.95, height * 0.12),
          p(length, height * 0.5),
          p(length, height),
        ]),
      ],
      details: [
        line(p(length * 0.24, height), p(length * 0.98, height * 0.5)),
        disc(length * 0.42, height * 0.5, height * 0.1),
      ],
    }
  },
  'back-saw': (size) => {
    const [length, depth, handle] = [size('length', 260), size('depth', 50), size('handle', 120)]
    return {
      width: length + handle,
      height: handle,
      bodies: [
        box(handle * 0.85, handle * 0.3, length, depth),
        box(handle * 0.85, handle * 0.22, length, 12),
        grip(0, 0, handle),
      ],
      details: [teeth(handle * 0.95, handle * 0.3 + depth, length - handle * 0.12)],
    }
  },
  handsaw: (size) => {
    const [length, depth, handle] = [size('length', 560), size('depth', 150), size('handle', 130)]
    const left = handle * 0.85
    return {
      width: length + handle,
      height: Math.max(depth, handle),
      bodies: [
        path([p(left, 4), p(left + length, depth * 0.45), p(left + length, depth * 0.78), p(left, depth)]),
        grip(0, 6, handle),
      ],
      details: [],
    }
  },
  'coping-saw': (size) => {
    const [length, depth, handle] = [size('length', 160), size('depth', 120), size('handle', 105)]
    return {
      width: length + handle,
      height: depth + 12,
      bodies: [
        path([
          p(handle, depth),
          p(handle, 0),
          p(handle + length, 0),
          p(handle + length, depth),
          p(handle + length - 7, depth),
          p(handle + length - 7, 7),
          p(handle + 7, 7),
          p(handle + 7, depth),
        ]),
        path([
          p(0, depth - 12),
          p(handle * 0.85, depth - 8),
          p(handle, depth - 5),
          p(handle, depth + 3),
          p(handle * 0.85, depth + 6),
          p(0, depth + 10),
        ]),
      ],
      details: [line(p(handle, depth - 3), p(handle + length, depth - 3))],
    }
  },
  chisel: (size) => {
    const [length, width] = [size('length', 270), size('width', 12)]
    const grip = Math.max(26, width)
    const shank = length * 0.46
    return {
      width: grip,
      height: length,
      bodies: [
        path([
          p(grip / 2 - 12, 0),
          p(grip / 2 + 12, 0),
          p(grip / 2 + 13, shank * 0.7),
          p(grip / 2 + 8, shank),
          p(grip / 2 - 8, shank),
          p(grip / 2 - 13, shank * 0.7),
        ]),
        path([
          p(grip / 2 - 4, shank),
          p(grip / 2 + 4, shank),
          p(grip / 2 + width / 2, shank + 22),
          p(grip / 2 + width / 2, length),
          p(grip / 2 - width / 2, length),
          p(grip / 2 - width / 2, shank + 22),
        ]),
      ],
      details: [line(p(grip / 2 - width / 2, length - 8), p(grip / 2 + width / 2, length - 8))],
    }
  },
  knife: (size) => {
    const [length, width] = [size('length', 170), size('width', 15)]
    return {
      width,
      height: length,
      bodies: [
        box(0, 0, width, length * 0.6),
        path([
          p(width * 0.15, length * 0.6),
          p(width * 0.85, length * 0.6),
          p(width * 0.85, length * 0.88),
          p(width * 0.15, length),
        ]),
      ],
      details: [],
    }
  },
  gauge: (size) => {
    const [length, width] = [size('length', 220), size('width', 65)]
    return {
      width,
      height: length,
      bodies: [box(width / 2 - 9, 0, 18, length), box(0, length * 0.55, width, 26)],
      details: [line(p(width / 2 + 9, length - 14), p(width / 2 + 14, length - 14))],
    }
  },
  square: (size) => {
    const [blade, bladeWidth, stock, stockWidth] = [
      size('blade', 200),
      size('bladeWidth', 42),
      size('stock', 150),
      size('stockWidth', 42),
    ]
    return {
      width: stock,
      height: blade + stockWidth,
      bodies: [box(0, 0, bladeWidth, blade), box(0, blade, stock, stockWidth)],
      details: [],
    }
  },
  template: (size) => {
    const [length, width] = [size('length', 75), size('width', 45)]
    return {
      width: length,
      height: width + 14,
      bodies: [
        box(0, 0, length, 14),
        path([
          p(length * 0.16, 14),
          p(length * 0.84, 14),
          p(length * 0.76, 14 + width),
          p(length * 0.24, 14 + width),
        ]),
      ],
      details: [],
    }
  },
  bevel: (size) => {
    const [length, width] = [size('length', 190), size('width', 130)]
    return {
      width: width + 30,
      height: length,
      bodies: [
        box(0, length - width - 20, 26, width + 20),
        path([p(6, length - 20), p(22, length - 34), p(width + 30, 12), p(width + 14, 0)]),
      ],
      details: [disc(13, length - 34, 6)],
    }
  },
  mallet: (size) => {
    const [length, head, width] = [size('length', 310), size('head', 150), size('width', 85)]
    return {
      width: head,
      height: length,
      bodies: [
        path([p(6, 0), p(head - 6, 0), p(head, width), p(0, width)]),
        path([
          p(head / 2 - 13, width),
          p(head / 2 + 13, width),
          p(head / 2 + 16, length),
          p(head / 2 - 16, length),
        ]),
      ],
      details: [],
    }
  },
  'bench-hook': (size) => {
    const [length, width] = [size('length', 260), size('width', 150)]
    return {
      width: length,
      height: width,
      bodies: [box(0, 0, length, width), box(length - 38, 0, 38, width * 0.82)],
      details: [line(p(0, 34), p(14, 34))],
    }
  },
  'shooting-board': (size) => {
    const [length, width] = [size('length', 480), size('width', 240)]
    return {
      width: length,
      height: width,
      bodies: [
        box(0, 0, length, width),
        box(0, 0, length, width * 0.66),
        box(length - 44, 0, 44, width * 0.66),
      ],
      details: [],
    }
  },
  clamp: (size) => {
    const [length, width] = [size('length', 600), size('width', 110)]
    return {
      width,
      height: length,
      bodies: [
        box(width - 22, 0, 14, length),
        box(0, 18, width, 20),
        box(0, length * 0.55, width, 24),
        box(14, length * 0.55 + 24, 14, 90),
      ],
      details: [],
    }
  },
  stone: (size) => {
    const [length, width] = [size('length', 200), size('width', 70)]
    return {
      width: length,
      height: width + 60,
      bodies: [0, 1, 2, 3].map((row) =>
        box(row * 3, row * ((width + 60) / 4), length - row * 6, (width + 60) / 4 - 5),
      ),
      details: [],
    }
  },
  guide: (size) => {
    const [length, width] = [size('length', 70), size('width', 60)]
    return {
      width: length,
      height: width,
      bodies: [box(0, 10, length, width * 0.4), disc(length / 2, width * 0.75, width * 0.22)],
      details: [
        line(p(length * 0.2, 10), p(length * 0.2, 10 + width * 0.4)),
        line(p(length * 0.8, 10), p(length * 0.8, 10 + width * 0.4)),
      ],
    }
  },
}

/** The outline of a form from a tool's own sizes; a plain box where the form is not known. */
export function outlineOf(form: string, size: Size): Outline {
  const draw =
    draws[form] ??
    ((of) => ({
      width: of('length', 100),
      height: of('width', 50),
      bodies: [box(0, 0, of('length', 100), of('width', 50))],
      details: [],
    }))
  return draw((name, usual) => size[name] ?? usual)
}

function woodenPlane(size: (name: string, usual: number) => number, fence: boolean): Outline {
  const [length, height] = [size('length', 240), size('height', 150)]
  const body = height * 0.5
  const base = fence ? height - 14 : height
  const top = base - body
  return {
    width: length,
    height,
    bodies: [
      path([p(0, base), p(0, top + 8), p(8, top), p(length - 8, top), p(length, top + 8), p(length, base)]),
      path([
        p(length * 0.42, top),
        p(length * 0.62, 0),
        p(length * 0.7, height * 0.06),
        p(length * 0.56, top),
      ]),
      ...(fence ? [box(length * 0.12, base, length * 0.76, 14)] : []),
    ],
    details: [
      line(p(length * 0.3, base), p(length * 0.42, top)),
      line(p(length * 0.3, base), p(length * 0.56, top)),
      ...(fence ? [disc(length * 0.2, base + 7, 4), disc(length * 0.8, base + 7, 4)] : []),
    ],
  }
}

/** A closed saw handle with its hole. */
function grip(x: number, y: number, size: number): string {
  const s = (fx: number, fy: number) => p(x + fx * size, y + fy * size)
  return `${path([s(0.92, 0.2), s(0.5, 0), s(0.1, 0.12), s(0.18, 0.35), s(0, 0.9), s(0.3, 1), s(0.5, 0.82), s(0.92, 0.78)])} ${path([s(0.62, 0.28), s(0.4, 0.24), s(0.3, 0.7), s(0.62, 0.62)])}`
}

function teeth(x: number, y: number, length: number): string {
  const pitch = 9
  const points: Point[] = []
  for (let at = 0; at + pitch <= length; at += pitch) points.push(p(x + at, y), p(x + at + pitch / 2, y + 4))
  return line(...points)
}
