import { path, type Point } from '../geometry'
import { box, line, p, type Draw } from './shapes'

export const saws: Readonly<Record<string, Draw>> = {
  'back-saw': (size) => {
    const [length, depth, handle] = [size('length', 260), size('depth', 50), size('handle', 120)]
    return {
      width: length + handle,
      height: handle,
      bodies: [
        box(handle * 0.85, handle * 0.3, length, depth),
        box(handle * 0.85, handle * 0.22, length, 12),
        grip(0, 0, handle),
      ],
      details: [teeth(handle * 0.95, handle * 0.3 + depth, length - handle * 0.12)],
    }
  },
  handsaw: (size) => {
    const [length, depth, handle] = [size('length', 560), size('depth', 150), size('handle', 130)]
    const left = handle * 0.85
    return {
      width: length + handle,
      height: Math.max(depth, handle),
      bodies: [
        path([p(left, 4), p(left + length, depth * 0.45), p(left + length, depth * 0.78), p(left, depth)]),
        grip(0, 6, handle),
      ],
      details: [],
    }
  },
  'coping-saw': (size) => {
    const [length, depth, handle] = [size('length', 160), size('depth', 120), size('handle', 105)]
    return {
      width: length + handle,
      height: depth + 12,
      bodies: [
        path([
          p(handle, depth),
          p(handle, 0),
          p(handle + length, 0),
          p(handle + length, depth),
          p(handle + length - 7, depth),
          p(handle + length - 7, 7),
          p(handle + 7, 7),
          p(handle + 7, depth),
        ]),
        path([
          p(0, depth - 12),
          p(handle * 0.85, depth - 8),
          p(handle, depth - 5),
          p(handle, depth + 3),
          p(handle * 0.85, depth + 6),
          p(0, depth + 10),
        ]),
      ],
      details: [line(p(handle, depth - 3), p(handle + length, depth - 3))],
    }
  },
}

/** A closed saw handle with its hole. */
function grip(x: number, y: number, size: number): string {
  const s = (fx: number, fy: number) => p(x + fx * size, y + fy * size)
  return `${path([s(0.92, 0.2), s(0.5, 0), s(0.1, 0.12), s(0.18, 0.35), s(0, 0.9), s(0.3, 1), s(0.5, 0.82), s(0.92, 0.78)])} ${path([s(0.62, 0.28), s(0.4, 0.24), s(0.3, 0.7), s(0.62, 0.62)])}`
}

function teeth(x: number, y: number, length: number): string {
  const pitch = 9
  const points: Point[] = []
  for (let at = 0; at + pitch <= length; at += pitch) points.push(p(x + at, y), p(x + at + pitch / 2, y + 4))
  return line(...points)
}
