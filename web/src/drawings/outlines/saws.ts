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
      marks: [
        { name: 'length', from: p(handle * 0.85, handle), to: p(handle * 0.85 + length, handle) },
        {
          name: 'depth',
          from: p(length + handle, handle * 0.3),
          to: p(length + handle, handle * 0.3 + depth),
        },
      ],
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
      marks: [
        {
          name: 'length',
          from: p(left, Math.max(depth, handle)),
          to: p(left + length, Math.max(depth, handle)),
        },
      ],
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
      marks: [{ name: 'length', from: p(handle, depth + 12), to: p(handle + length, depth + 12) }],
    }
  },
  'pull-saw': (size) => {
    const [length, depth, handle] = [size('length', 240), size('depth', 60), size('handle', 130)]
    const grip = handle * 1.6
    return {
      width: length + grip,
      height: depth + 10,
      bodies: [
        box(0, depth * 0.5 - 8, grip, 20),
        path([p(grip, depth * 0.25), p(grip + length, 0), p(grip + length, depth), p(grip, depth * 0.8)]),
      ],
      details: [teeth(grip + 4, depth * 0.92, length - 8)],
      marks: [{ name: 'length', from: p(grip, depth + 10), to: p(grip + length, depth + 10) }],
    }
  },
  'bow-saw': (size) => {
    const [length, depth] = [size('length', 400), size('depth', 180)]
    const height = depth + 120
    return {
      width: length + 60,
      height,
      bodies: [
        box(30, 10, 18, height - 40),
        box(length + 12, 10, 18, height - 40),
        box(48, height * 0.42, length - 36, 14),
        box(0, height - 40, 30, 18),
        box(length + 30, height - 40, 30, 18),
      ],
      details: [line(p(39, 16), p(length + 21, 16)), line(p(30, height - 30), p(length + 30, height - 30))],
      marks: [{ name: 'length', from: p(30, height), to: p(length + 30, height) }],
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
