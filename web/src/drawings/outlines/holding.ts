import { path } from '../geometry'
import { along, box, inBox, line, p, upright, type Draw } from './shapes'

export const holding: Readonly<Record<string, Draw>> = {
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
  hammer: (size) => {
    const [length, head] = [size('length', 300), size('head', 110)]
    return {
      width: head,
      height: length,
      bodies: [
        box(0, 4, head * 0.3, 32),
        box(head * 0.3, 8, head * 0.4, 24),
        box(head * 0.7, 4, head * 0.3, 32),
        box(head / 2 - 10, 32, 20, length - 32),
      ],
      details: [],
      marks: [upright('length', length, head)],
    }
  },
  trestle: (size) => {
    const [length, height] = [size('length', 800), size('height', 500)]
    const shape = inBox(length, height)
    return {
      width: length,
      height,
      bodies: [
        box(0, 0, length, 40),
        shape([0.14, 0.08], [0.22, 0.08], [0.14, 1], [0.06, 1]),
        shape([0.78, 0.08], [0.86, 0.08], [0.94, 1], [0.86, 1]),
        box(length * 0.13, height * 0.6, length * 0.74, 30),
      ],
      details: [],
      marks: [along('length', length, height)],
    }
  },
  vice: (size) => {
    const [width, depth] = [size('width', 200), size('depth', 220)]
    return {
      width,
      height: depth * 0.6 + 80,
      bodies: [
        box(0, 0, width, 36),
        box(0, depth * 0.6, width, 36),
        box(width / 2 - 9, 36, 18, depth * 0.6 + 34),
        box(width * 0.14, 36, 12, depth * 0.6 - 36),
        box(width * 0.86 - 12, 36, 12, depth * 0.6 - 36),
        box(width / 2 - 60, depth * 0.6 + 66, 120, 10),
      ],
      details: [],
      marks: [along('width', width, depth * 0.6 + 80)],
    }
  },
  holdfast: (size) => {
    const [reach, shank] = [size('depth', 150), size('length', 200)]
    const one = (x: number) =>
      `M${x} ${shank + 30} L${x} 30 Q${x} 0 ${x + 30} 0 L${x + reach * 0.7} 14 L${x + reach * 0.72} 34 L${x + 34} 18 Q${x + 18} 18 ${x + 18} 36 L${x + 18} ${shank + 30} Z`
    return { width: reach * 1.5, height: shank + 30, bodies: [one(0), one(reach * 0.78)], details: [] }
  },
  'hand-screw': (size) => {
    const length = size('length', 250)
    const width = length * 0.55
    return {
      width,
      height: length,
      bodies: [
        box(0, 0, width * 0.24, length),
        box(width * 0.76, 0, width * 0.24, length),
        box(width * 0.24, length * 0.45, width * 0.52, 10),
        box(width * 0.24, length * 0.8, width * 0.52, 10),
      ],
      details: [],
      marks: [upright('length', length, width)],
    }
  },
}
