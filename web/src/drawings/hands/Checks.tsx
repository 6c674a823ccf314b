import { Frame } from './Frame'

/** A straightedge on the wood, and the light that shows below it. */
export function Checked() {
  return (
    <Frame says="The straightedge on the wood: where does light show?">
      <path d="M60 150Q320 172 580 150V214H60Z" className="fill-timber stroke-ink" strokeWidth={2.5} />
      <path d="M60 150Q320 172 580 150Z" className="fill-light stroke-amber" strokeWidth={2} />
      <path d="M50 150H590V112Q320 40 50 112Z" className="fill-steel stroke-ink" strokeWidth={2.5} />
    </Frame>
  )
}

/** A square's stock on the face, its blade down the edge: light shows where the edge is out of square. */
export function CheckedSquare() {
  return (
    <Frame says="The stock tight on the face, the blade down the edge: where does light show?">
      <path d="M120 96H366L374 214H120Z" className="fill-timber stroke-ink" strokeWidth={2.5} />
      <path d="M366 96H374V214Z" className="fill-light stroke-amber" strokeWidth={2} />
      <rect x={374} y={52} width={26} height={166} className="fill-steel stroke-ink" strokeWidth={2.5} />
      <rect x={196} y={52} width={204} height={44} className="fill-wood stroke-ink" strokeWidth={2.5} />
    </Frame>
  )
}

/** Two winding sticks on a board's ends, sighted one over the other. */
export function CheckedWind() {
  return (
    <Frame says="One stick on each end: sight over the near one, and compare the far one’s edge with it">
      <path d="M90 222L210 104H470L560 222Z" className="fill-timber stroke-ink" strokeWidth={2.5} />
      <path d="M130 84L512 96V118L130 106Z" className="fill-wood stroke-ink" strokeWidth={2.5} />
      <rect x={40} y={116} width={560} height={34} className="fill-timber stroke-ink" strokeWidth={2.5} />
      <path d="M130 84L512 96" className="stroke-blue" strokeWidth={3} />
      <line x1={40} x2={600} y1={116} y2={116} className="stroke-ink" strokeWidth={3.5} />
    </Frame>
  )
}
