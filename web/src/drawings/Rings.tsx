import { rings } from './woodLayout'

interface RingsProps {
  left: number
  top: number
  wide: number
  thick: number
  ringDeg: number
  /** Between two of them, px. */
  apart: number
}

/** Growth rings on the end of a piece. */
export function Rings({ left, top, wide, thick, ringDeg, apart }: RingsProps) {
  return rings(wide, thick, ringDeg, apart).map(([from, to], index) => (
    <line
      key={index}
      x1={left + from.x}
      y1={top + from.y}
      x2={left + to.x}
      y2={top + to.y}
      className="stroke-soft"
      strokeWidth={0.75}
    />
  ))
}
