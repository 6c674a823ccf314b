import { along, box, disc, inBox, line, p, upright, type Draw } from './shapes'

export const boring: Readonly<Record<string, Draw>> = {
  brace: (size) => {
    const [sweep, length] = [size('sweep', 250), size('length', 340)]
    const reach = sweep / 2 + 26
    return {
      width: reach + 30,
      height: length,
      bodies: [
        box(0, 0, 60, 22),
        box(24, 22, 12, length * 0.2),
        box(24, length * 0.2 + 22, reach - 18, 11),
        box(reach - 4, length * 0.2 + 22, 11, length * 0.36),
        box(reach - 10, length * 0.28 + 22, 23, length * 0.2),
        box(24, length * 0.56 + 22, reach - 18, 11),
        box(24, length * 0.56 + 33, 12, length * 0.12),
        box(18, length * 0.78, 24, length * 0.22),
      ],
      details: [],
      marks: [{ name: 'sweep', from: p(30, length * 0.38 + 22), to: p(reach + 1, length * 0.38 + 22) }],
    }
  },
  bits: (size) => {
    const [length, widest] = [size('length', 220), Math.min(60, size('largest', 25))]
    const narrow = Math.min(widest, size('smallest', 8))
    const bit = (x: number, d: number) => [
      box(x + d / 2 - 4, 0, 8, length * 0.4),
      box(x, length * 0.4, d, length * 0.52),
      `M${x + d / 2 - 3} ${length * 0.92} L${x + d / 2 + 3} ${length * 0.92} L${x + d / 2} ${length} Z`,
    ]
    const gap = 14
    return {
      width: narrow + widest + gap,
      height: length,
      bodies: [...bit(0, narrow), ...bit(narrow + gap, widest)],
      details: [0.45, 0.6, 0.75].map((at) =>
        line(p(narrow + gap, length * at), p(narrow + gap + widest, length * (at + 0.12))),
      ),
      marks: [{ name: 'largest', from: p(narrow + gap, length), to: p(narrow + gap + widest, length) }],
    }
  },
  'hand-drill': (size) => {
    const length = size('length', 300)
    return {
      width: 130,
      height: length,
      bodies: [
        box(44, 0, 26, length * 0.3),
        box(50, length * 0.3, 14, length * 0.4),
        disc(66, length * 0.48, 42),
        box(100, length * 0.44, 30, 12),
        box(48, length * 0.7, 18, length * 0.14),
        box(55, length * 0.84, 4, length * 0.16),
      ],
      details: [disc(66, length * 0.48, 8)],
      marks: [upright('length', length, 130)],
    }
  },
  awl: (size) => {
    const length = size('length', 140)
    return {
      width: 30,
      height: length,
      bodies: [
        inBox(30, length)([0.2, 0], [0.8, 0], [1, 0.25], [0.7, 0.5], [0.3, 0.5], [0, 0.25]),
        inBox(30, length)([0.42, 0.5], [0.58, 0.5], [0.54, 1], [0.46, 1]),
      ],
      details: [],
      marks: [upright('length', length, 30)],
    }
  },
}

export const shaping: Readonly<Record<string, Draw>> = {
  spokeshave: (size) => {
    const [length, iron] = [size('length', 250), size('iron', 52)]
    const middle = length / 2
    return {
      width: length,
      height: 46,
      bodies: [
        inBox(length, 46)(
          [0, 0.2],
          [0.3, 0.45],
          [0.7, 0.45],
          [1, 0.2],
          [1, 0.5],
          [0.68, 0.85],
          [0.32, 0.85],
          [0, 0.5],
        ),
        box(middle - iron / 2, 12, iron, 32),
      ],
      details: [line(p(middle - iron / 2, 36), p(middle + iron / 2, 36))],
      marks: [along('length', length, 46)],
    }
  },
  drawknife: (size) => {
    const length = size('length', 250)
    const width = length + 80
    return {
      width,
      height: 130,
      bodies: [
        box(40, 0, length, 34),
        box(28, 4, 12, 50),
        box(width - 40, 4, 12, 50),
        box(18, 54, 30, 76),
        box(width - 48, 54, 30, 76),
      ],
      details: [line(p(40, 24), p(40 + length, 24))],
      marks: [{ name: 'length', from: p(40, 0), to: p(40 + length, 0) }],
    }
  },
  card: (size) => {
    const [length, width] = [size('length', 150), size('width', 60)]
    return {
      width: length,
      height: width,
      bodies: [box(0, 0, length, width)],
      details: [line(p(3, width - 3), p(length - 3, width - 3))],
      marks: [along('length', length, width)],
    }
  },
  hatchet: (size) => {
    const [length, head] = [size('length', 380), size('head', 110)]
    return {
      width: head + 50,
      height: length,
      bodies: [
        box(0, 12, 26, length - 12),
        `M0 10 L60 10 L${head + 40} 0 L${head + 50} ${head} L60 60 L0 60 Z`,
      ],
      details: [line(p(head + 32, 4), p(head + 40, head - 6))],
      marks: [upright('length', length, head + 50)],
    }
  },
}
