import { path } from '../geometry'
import { box, line, p, type Draw } from './shapes'

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
}
