import { path } from '../geometry'
import { box, line, p, upright, type Draw } from './shapes'

export const edgeTools: Readonly<Record<string, Draw>> = {
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
      marks: [
        upright('length', length, grip),
        { name: 'width', from: p(grip / 2 - width / 2, length), to: p(grip / 2 + width / 2, length) },
      ],
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
      marks: [upright('length', length, width)],
    }
  },
}
