import type { ReactNode } from 'react'

const WIDTH = 112
const HEIGHT = 64

const drawings: Readonly<Record<string, () => ReactNode>> = {
  'touch-up': PaleGrain,
  dull: LightLine,
  nicked: Spots,
  'fresh-grind': Wheel,
  back: BackPatches,
  camber: Tracks,
  bevel: TwoAngles,
  sharp: NoLine,
  burr: Burr,
  scratches: Scratches,
}

/** What to look for on an edge, as a small drawing; the words beside it say the same. */
export function SignDrawing({ sign }: { sign: string }) {
  const Drawing = drawings[sign]
  if (!Drawing) return null
  return (
    <svg
      aria-hidden
      width={WIDTH}
      height={HEIGHT}
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="shrink-0 border border-rule bg-sheet"
    >
      <Drawing />
    </svg>
  )
}

/** The blade seen straight at its edge, under a lamp. */
function Blade({ children }: { children?: ReactNode }) {
  return (
    <>
      <path d="M22 40 L90 40 L84 58 L28 58 Z" className="fill-steel stroke-ink" />
      <path d="M56 6 L56 12 M42 8 L45 14 M70 8 L67 14" className="stroke-amber" strokeWidth={2} />
      {children}
    </>
  )
}

function NoLine() {
  return <Blade />
}

function LightLine() {
  return (
    <Blade>
      <path d="M22 40 L90 40" className="stroke-amber" strokeWidth={4} />
    </Blade>
  )
}

function Spots() {
  return (
    <Blade>
      <path d="M36 40 l3 5 l3 -5 M66 40 l4 7 l4 -7" className="fill-sheet stroke-ink" />
      <circle cx={39} cy={38} r={2.5} className="fill-amber" />
      <circle cx={70} cy={38} r={2.5} className="fill-amber" />
    </Blade>
  )
}

/** End grain, half of it cut clean and dark, half pale. */
function PaleGrain() {
  const rows = [18, 27, 36, 45]
  return (
    <>
      <rect x={14} y={10} width={42} height={44} className="fill-wood stroke-ink" />
      <rect x={56} y={10} width={42} height={44} className="fill-sheet stroke-ink" />
      {rows.map((y) => (
        <g key={y}>
          <path d={`M16 ${y} q20 -6 38 0`} className="fill-none stroke-ink" strokeWidth={1.5} />
          <path d={`M58 ${y} q20 -6 38 0`} className="fill-none stroke-rule" strokeDasharray="3 3" />
        </g>
      ))}
    </>
  )
}

function Wheel() {
  return (
    <>
      <circle cx={28} cy={32} r={24} className="fill-wood stroke-ink" />
      <circle cx={28} cy={32} r={3} className="fill-ink" />
      <path d="M53 32 Q57 44 70 48 L104 48 L104 32 Z" className="fill-steel stroke-ink" />
    </>
  )
}

/** A back that shines only where it is high. */
function BackPatches() {
  return (
    <>
      <rect x={20} y={12} width={72} height={42} className="fill-steel stroke-ink" />
      <path
        d="M20 12 h26 v10 h-26 Z M70 12 h22 v18 h-22 Z M34 40 h30 v14 h-30 Z"
        className="fill-blue-wash stroke-blue"
      />
      <path d="M20 12 H92" className="stroke-ink" strokeWidth={2.5} />
    </>
  )
}

/** Steps left on a board by the corners of a straight iron. */
function Tracks() {
  return (
    <>
      <path d="M10 50 V30 H40 V34 H72 V30 H102 V50 Z" className="fill-wood stroke-ink" />
      <path d="M40 8 H72 V22 H40 Z" className="fill-steel stroke-ink" />
      <circle cx={40} cy={32} r={5} className="fill-none stroke-red" strokeWidth={2} />
      <circle cx={72} cy={32} r={5} className="fill-none stroke-red" strokeWidth={2} />
    </>
  )
}

function TwoAngles() {
  return (
    <>
      <path d="M12 52 H104 M12 52 L80 16" className="fill-none stroke-ink" strokeWidth={1.5} />
      <path d="M12 52 L56 10" className="fill-none stroke-blue" strokeWidth={1.5} strokeDasharray="5 3" />
      <path d="M56 52 A44 44 0 0 0 51 31" className="fill-none stroke-ink" />
    </>
  )
}

/** The wire of steel that a stone pushes over to the far side, felt by pushing a finger off the edge. */
function Burr() {
  return (
    <>
      <path d="M18 44 L58 16 H104 V44 Z" className="fill-steel stroke-ink" />
      <path d="M18 44 q-6 1 -5 8" className="fill-none stroke-red" strokeWidth={2.5} />
      <path d="M58 56 H26 m6 -4 l-7 4 l7 4" className="fill-none stroke-ink" strokeWidth={1.5} />
    </>
  )
}

/** Coarse scratches giving way to finer ones that cross them. */
function Scratches() {
  const coarse = [22, 34, 46]
  const fine = [62, 67, 72, 77, 82, 87, 92]
  return (
    <>
      <rect x={12} y={12} width={88} height={40} className="fill-steel stroke-ink" />
      {coarse.map((x) => (
        <path key={x} d={`M${x} 12 l-8 40`} className="stroke-ink" strokeWidth={2} />
      ))}
      {fine.map((x) => (
        <path key={x} d={`M${x} 12 l6 40`} className="stroke-soft" strokeWidth={0.8} />
      ))}
      <path d="M56 12 V52" className="stroke-ink" strokeDasharray="3 2" />
    </>
  )
}
