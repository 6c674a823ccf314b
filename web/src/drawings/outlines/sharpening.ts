import { along, box, disc, inBox, line, p, upright, type Draw } from './shapes'

export const sharpening: Readonly<Record<string, Draw>> = {
  stone: (size) => {
    const [length, width] = [size('length', 200), size('width', 70)]
    return {
      width: length,
      height: width + 60,
      bodies: [0, 1, 2, 3].map((row) =>
        box(row * 3, row * ((width + 60) / 4), length - row * 6, (width + 60) / 4 - 5),
      ),
      details: [],
      marks: [along('length', length, width + 60)],
    }
  },
  plate: (size) => {
    const [length, width] = [size('length', 200), size('width', 75)]
    return {
      width: length,
      height: width,
      bodies: [box(0, 0, length, width), box(6, 6, length - 12, width - 12)],
      details: [
        line(p(length * 0.2, width - 6), p(length * 0.8, 6)),
        line(p(length * 0.5, width - 6), p(length - 6, width * 0.4)),
      ],
      marks: [along('length', length, width), upright('width', width, length)],
    }
  },
  strop: (size) => {
    const [length, width] = [size('length', 280), size('width', 65)]
    return {
      width: length,
      height: width,
      bodies: [box(0, 0, length * 0.72, width), box(length * 0.72, width * 0.3, length * 0.28, width * 0.4)],
      details: [line(p(length * 0.72, 4), p(length * 0.72, width - 4))],
      marks: [along('length', length, width)],
    }
  },
  wheel: (size) => {
    const r = size('diameter', 150) / 2
    return {
      width: 2 * r + 60,
      height: 2 * r + 40,
      bodies: [
        disc(r, r, r),
        disc(r, r, r * 0.2),
        box(r * 0.4, 2 * r + 10, r * 1.2, 30),
        box(2 * r + 6, r - 6, 44, 10),
      ],
      details: [],
      marks: [along('diameter', 2 * r, 2 * r + 40)],
    }
  },
  rod: (size) => {
    const length = size('length', 220)
    return {
      width: 24,
      height: length,
      bodies: [box(4, 0, 16, length * 0.45), box(9, length * 0.45, 6, length * 0.55)],
      details: [],
      marks: [upright('length', length, 24)],
    }
  },
  file: (size) => {
    const length = size('length', 220)
    return {
      width: 24,
      height: length,
      bodies: [
        box(5, 0, 14, length * 0.34),
        inBox(24, length)([0.12, 0.36], [0.88, 0.36], [0.8, 1], [0.2, 1]),
      ],
      details: [0.45, 0.6, 0.75, 0.9].map((at) => line(p(5, length * at), p(19, length * (at - 0.05)))),
      marks: [upright('length', length, 24)],
    }
  },
  pliers: (size) => {
    const length = size('length', 180)
    const shape = inBox(90, length)
    return {
      width: 90,
      height: length,
      bodies: [
        shape([0.35, 0], [0.65, 0], [0.7, 0.3], [0.3, 0.3]),
        shape([0.3, 0.3], [0.45, 0.3], [0.2, 1], [0, 1]),
        shape([0.55, 0.3], [0.7, 0.3], [1, 1], [0.8, 1]),
      ],
      details: [disc(45, length * 0.27, 5)],
      marks: [upright('length', length, 90)],
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
