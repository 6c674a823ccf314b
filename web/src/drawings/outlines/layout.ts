import { path } from '../geometry'
import { box, disc, line, p, type Draw } from './shapes'

export const layout: Readonly<Record<string, Draw>> = {
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
}
