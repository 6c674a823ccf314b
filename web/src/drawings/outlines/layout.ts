import { path } from '../geometry'
import { along, box, disc, inBox, line, p, upright, type Draw } from './shapes'

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
      marks: [upright('blade', blade, 0), along('stock', stock, blade + stockWidth)],
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
      marks: [upright('length', length, 0)],
    }
  },
  'panel-gauge': (size) => {
    const [length, reach] = [size('length', 520), size('reach', 450)]
    return {
      width: 150,
      height: length,
      bodies: [box(62, 0, 22, length), box(0, Math.max(0, length - reach - 30), 150, 60)],
      details: [line(p(84, length - 10), p(92, length - 10))],
      marks: [upright('length', length, 150)],
    }
  },
  dividers: (size) => {
    const length = size('length', 150)
    const shape = inBox(length * 0.5, length)
    return {
      width: length * 0.5,
      height: length,
      bodies: [
        shape([0.44, 0.05], [0.5, 0.05], [0.06, 1], [0, 0.98]),
        shape([0.5, 0.05], [0.56, 0.05], [1, 0.98], [0.94, 1]),
        disc(length * 0.25, length * 0.05, length * 0.05),
      ],
      details: [`M${length * 0.12} ${length * 0.55} q${length * 0.13} ${length * 0.1} ${length * 0.26} 0`],
      marks: [upright('length', length, length * 0.5)],
    }
  },
  rule: (size) => {
    const [length, width] = [size('length', 300), size('width', 25)]
    const ticks = Array.from({ length: Math.floor(length / 10) }, (_, index) => index * 10)
    return {
      width: length,
      height: width,
      bodies: [box(0, 0, length, width)],
      details: ticks.map((at) => line(p(at, width), p(at, width - (at % 50 === 0 ? 12 : 6)))),
      marks: [along('length', length, width)],
    }
  },
  straightedge: (size) => {
    const [length, width] = [size('length', 900), size('width', 50)]
    return {
      width: length,
      height: width,
      bodies: [
        `M0 ${width} L0 ${width * 0.6} Q${length / 2} ${-width * 0.55} ${length} ${width * 0.6} L${length} ${width} Z`,
        disc(length * 0.06, width * 0.72, width * 0.12),
      ],
      details: [],
      marks: [along('length', length, width)],
    }
  },
  sticks: (size) => {
    const [length, width] = [size('length', 450), size('width', 45)]
    const shape = inBox(length, width)
    return {
      width: length,
      height: width * 2 + 16,
      bodies: [shape([0.02, 0], [0.98, 0], [1, 1], [0, 1]), box(0, width + 16, length, width)],
      details: [
        line(p(length * 0.02, 5), p(length * 0.98, 5)),
        line(p(0, width + 21), p(length, width + 21)),
      ],
      marks: [along('length', length, width * 2 + 16)],
    }
  },
}
