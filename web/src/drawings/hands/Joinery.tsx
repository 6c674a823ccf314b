import { Frame, type HandsProps, MOVING } from './Frame'

/** A plane along a board, and the shaving it throws. */
export function PlanedFace({ count }: HandsProps) {
  return (
    <Frame says="The plane along the board: press on its toe first, on its heel last">
      <rect x={40} y={170} width={560} height={44} className="fill-timber stroke-ink" strokeWidth={2.5} />
      <g className={MOVING} style={{ transform: `translateX(${count % 2 === 0 ? -70 : 90}px)` }}>
        <PlaneSide />
        <path
          d="M300 104q-30 -34 -2 -54q34 -14 40 14q-2 20 -22 12"
          className="fill-none stroke-ink"
          strokeWidth={2.5}
        />
      </g>
    </Frame>
  )
}

/** From the side: sole, iron, tote and knob. */
function PlaneSide() {
  return (
    <g strokeWidth={2.5} className="stroke-ink">
      <path d="M180 170V150Q230 148 258 128Q300 112 340 140Q390 152 450 154V170Z" className="fill-steel" />
      <path d="M286 152L344 82L356 90L306 152Z" className="fill-steel" />
      <path d="M204 150Q196 100 236 84Q250 92 244 110Q240 130 250 148Z" className="fill-timber" />
      <path
        d="M404 154Q398 130 410 122Q404 100 424 98Q444 100 438 122Q450 130 444 154Z"
        className="fill-timber"
      />
    </g>
  )
}

/** A plane on its side, from above, past the end of a board that the fence holds. */
export function Shot({ count }: HandsProps) {
  return (
    <Frame says="The plane on its side past the end, the board against its fence">
      <rect x={90} y={20} width={460} height={140} className="fill-wood stroke-ink" strokeWidth={2} />
      <rect x={180} y={40} width={230} height={120} className="fill-timber stroke-ink" strokeWidth={2.5} />
      <rect x={412} y={20} width={34} height={140} className="fill-wood stroke-ink" strokeWidth={2.5} />
      <g className={MOVING} style={{ transform: `translateX(${count % 2 === 0 ? -90 : 60}px)` }}>
        <rect x={180} y={162} width={260} height={52} className="fill-steel stroke-ink" strokeWidth={2.5} />
        <rect x={286} y={158} width={8} height={30} className="fill-steel stroke-ink" strokeWidth={2} />
        <path d="M420 188h60l-14 -9m14 9l-14 9" className="fill-none stroke-ink" strokeWidth={3} />
      </g>
    </Frame>
  )
}

/** Two parts of a joint on their way together. */
export function Fitted({ count }: HandsProps) {
  return (
    <Frame says="The joint pushed together by hand: it slides, and does not wobble">
      <path
        d="M60 60H300V96H356L368 74V156L356 134H300V170H60Z"
        className={`${MOVING} fill-timber stroke-ink`}
        style={{ transform: `translateX(${count % 2 === 0 ? 0 : 34}px)` }}
        strokeWidth={2.5}
      />
      <path
        d="M404 40H540V190H404V134L460 156V74L404 96Z"
        className="fill-wood stroke-ink"
        strokeWidth={2.5}
      />
      <path d="M150 206H290l-14 -9m14 9l-14 9" className="fill-none stroke-ink" strokeWidth={3} />
    </Frame>
  )
}

/** A bar clamp across the work, with blocks under its jaws. */
export function Clamped() {
  return (
    <Frame says="Clamped with blocks under the jaws, square across the corners">
      <rect x={150} y={96} width={340} height={96} className="fill-timber stroke-ink" strokeWidth={2.5} />
      <line x1={320} x2={320} y1={96} y2={192} className="stroke-ink" strokeWidth={2} />
      <rect x={128} y={112} width={22} height={64} className="fill-wood stroke-ink" strokeWidth={2.5} />
      <rect x={490} y={112} width={22} height={64} className="fill-wood stroke-ink" strokeWidth={2.5} />
      <g className="fill-steel stroke-ink" strokeWidth={2.5}>
        <rect x={70} y={44} width={520} height={16} />
        <path d="M104 44V176H128V60H104Z" />
        <path d="M512 60V176H536V60Z" />
        <rect x={536} y={136} width={44} height={14} />
      </g>
      <rect
        x={580}
        y={124}
        width={40}
        height={38}
        rx={8}
        className="fill-timber stroke-ink"
        strokeWidth={2.5}
      />
    </Frame>
  )
}
