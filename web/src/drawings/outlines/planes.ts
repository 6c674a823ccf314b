import { path } from '../geometry'
import { box, disc, line, p, type Draw, type Outline, type SizeOf } from './shapes'

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
  }
}
