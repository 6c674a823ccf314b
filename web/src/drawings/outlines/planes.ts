import { path } from '../geometry'
import { along, box, disc, inBox, line, p, upright, type Draw, type Outline, type SizeOf } from './shapes'

export const planes: Readonly<Record<string, Draw>> = {
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
      marks: [along('length', length, height)],
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
      marks: [along('length', length, height)],
    }
  },
  'block-plane': (size) => {
    const [length, height] = [size('length', 160), size('height', 55)]
    const shape = inBox(length, height)
    return {
      width: length,
      height,
      bodies: [
        shape([0, 1], [0, 0.75], [0.18, 0.55], [0.85, 0.6], [1, 0.8], [1, 1]),
        shape([0.3, 0.62], [0.72, 0.02], [0.92, 0.1], [0.95, 0.62]),
      ],
      details: [
        disc(length * 0.16, height * 0.48, height * 0.14),
        line(p(length * 0.22, height), p(length * 0.6, height * 0.6)),
      ],
      marks: [along('length', length, height)],
    }
  },
  plough: (size) => {
    const [length, height, iron] = [size('length', 250), size('height', 140), size('iron', 6)]
    const shape = inBox(length, height)
    return {
      width: length,
      height,
      bodies: [
        shape([0.05, 0.95], [0.05, 0.45], [0.6, 0.4], [0.95, 0.45], [0.95, 0.95]),
        shape([0.72, 0.45], [0.78, 0.05], [0.95, 0], [1, 0.12], [0.92, 0.48]),
        box(length * 0.1, height * 0.95, length * 0.8, height * 0.05),
        shape([0.38, 0.9], [0.5, 0.2], [0.56, 0.22], [0.46, 0.92]),
      ],
      details: [
        disc(length * 0.22, height * 0.62, 8),
        disc(length * 0.68, height * 0.62, 8),
        box(length * 0.44, height * 0.9, Math.max(2, iron), height * 0.1),
      ],
      marks: [along('length', length, height)],
    }
  },
  router: (size) => {
    const [length, height] = [size('length', 180), size('height', 90)]
    const shape = inBox(length, height)
    return {
      width: length,
      height,
      bodies: [
        shape([0, 0.82], [1, 0.82], [1, 0.92], [0, 0.92]),
        disc(length * 0.12, height * 0.55, height * 0.26),
        disc(length * 0.88, height * 0.55, height * 0.26),
        shape([0.44, 0.05], [0.56, 0.05], [0.56, 1], [0.44, 1]),
        shape([0.3, 0.5], [0.7, 0.5], [0.76, 0.82], [0.24, 0.82]),
      ],
      details: [],
      marks: [along('length', length, height)],
    }
  },
  block: (size) => {
    const [length, width] = [size('length', 120), size('width', 60)]
    return {
      width: length,
      height: width,
      bodies: [box(0, 0, length, width)],
      details: [
        line(p(length * 0.1, width * 0.3), p(length * 0.9, width * 0.24)),
        line(p(length * 0.1, width * 0.7), p(length * 0.9, width * 0.66)),
      ],
      marks: [along('length', length, width)],
    }
  },
  'compass-plane': (size) => {
    const [length, height] = [size('length', 260), size('height', 130)]
    const shape = inBox(length, height)
    return {
      width: length,
      height,
      bodies: [
        `M0 ${height * 0.8} Q${length / 2} ${height * 1.15} ${length} ${height * 0.8} L${length} ${height * 0.72} Q${length / 2} ${height * 1.02} 0 ${height * 0.72} Z`,
        shape([0.28, 0.86], [0.28, 0.5], [0.72, 0.5], [0.72, 0.86]),
        shape([0.52, 0.5], [0.68, 0], [0.76, 0.02], [0.62, 0.5]),
        disc(length * 0.12, height * 0.55, height * 0.12),
      ],
      details: [],
      marks: [along('length', length, height)],
    }
  },
  iron: (size) => {
    const [length, width] = [size('length', 180), size('iron', 50)]
    return {
      width,
      height: length,
      bodies: [box(0, 0, width, length), box(width / 2 - 5, length * 0.1, 10, length * 0.6)],
      details: [
        line(p(0, length - 12), p(width, length - 12)),
        ...[0.2, 0.4, 0.6, 0.8].map((at) => line(p(width * at, length - 12), p(width * at, length))),
      ],
      marks: [upright('length', length, width), along('iron', width, length)],
    }
  },
  irons: (size) => {
    const [length, from, to] = [size('length', 160), size('iron', 3), size('widest', 14)]
    const widths = Array.from({ length: 8 }, (_, index) => from + ((to - from) * index) / 7)
    const starts = widths.map((_, index) => widths.slice(0, index).reduce((sum, width) => sum + width + 6, 0))
    return {
      width: (starts.at(-1) ?? 0) + to,
      height: length,
      bodies: widths.map((width, index) => box(starts[index] ?? 0, 0, width, length)),
      details: [],
      marks: [upright('length', length, (starts.at(-1) ?? 0) + to)],
    }
  },
}

function woodenPlane(size: SizeOf, fence: boolean): Outline {
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
    marks: [along('length', length, height)],
  }
}
