import { box, disc, line, p, type Draw } from './shapes'

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
