import { Frame, type HandsProps, MOVING } from './Frame'

/** The chisel flat on its back, pushed by hand. */
export function Pared({ count }: HandsProps) {
  return (
    <Frame says="The chisel flat on its back, pushed by hand; both hands behind the edge">
      <path d="M60 156H360V142H580V216H60Z" className="fill-timber stroke-ink" strokeWidth={2.5} />
      <g className={MOVING} style={{ transform: `translateX(${count % 2 === 0 ? -40 : 0}px)` }}>
        <path d="M366 156L334 128H190V156Z" className="fill-steel stroke-ink" strokeWidth={2.5} />
        <path
          d="M190 124Q150 116 60 122V162Q150 168 190 160Z"
          className="fill-timber stroke-ink"
          strokeWidth={2.5}
        />
        <path d="M362 150q22 -10 18 -30q-10 -16 -24 -4" className="fill-none stroke-ink" strokeWidth={2.5} />
      </g>
    </Frame>
  )
}

/** A router plane across a recess: its sole on the faces beside it, its iron on the bottom. */
export function Levelled({ count }: HandsProps) {
  return (
    <Frame says="The router plane across the recess: its sole above, its iron on the bottom">
      <path d="M40 120H210V174H430V120H600V222H40Z" className="fill-timber stroke-ink" strokeWidth={2.5} />
      <g className={MOVING} style={{ transform: `translateX(${count % 2 === 0 ? -60 : 50}px)` }}>
        <rect x={140} y={98} width={360} height={22} className="fill-steel stroke-ink" strokeWidth={2.5} />
        <path d="M300 30H322V160L356 174H300Z" className="fill-steel stroke-ink" strokeWidth={2.5} />
        <path d="M286 60H336V98H286Z" className="fill-brass stroke-ink" strokeWidth={2.5} />
        {[176, 448].map((x) => (
          <path
            key={x}
            transform={`translate(${x} 0)`}
            d="M-16 98Q-22 78 -10 72Q-26 44 0 40Q26 44 10 72Q22 78 16 98Z"
            className="fill-timber stroke-ink"
            strokeWidth={2.5}
          />
        ))}
      </g>
    </Frame>
  )
}

/** A spokeshave on a curve, with the grain, downhill. */
export function Shaved({ count }: HandsProps) {
  const along = count % 2 === 0 ? -70 : 40
  return (
    <Frame says="The spokeshave down the curve, with the grain: from the crown outward">
      <path d="M40 214Q320 20 600 214Z" className="fill-timber stroke-ink" strokeWidth={2.5} />
      <g className={MOVING} style={{ transform: `translate(${along}px, ${along > 0 ? 10 : 14}px)` }}>
        <path d="M286 100H354V114H286Z" className="fill-steel stroke-ink" strokeWidth={2.5} />
        <path d="M306 100L336 64L346 72L326 100Z" className="fill-steel stroke-ink" strokeWidth={2.5} />
        <ellipse cx={286} cy={86} rx={30} ry={15} className="fill-timber stroke-ink" strokeWidth={2.5} />
      </g>
      <path d="M430 60L530 128l-4 -18m4 18l-18 -2" className="fill-none stroke-ink" strokeWidth={3} />
    </Frame>
  )
}

/** The end of a board, its corner taken off at 45°, the plane leaned on it. */
export function Chamfered({ count }: HandsProps) {
  return (
    <Frame says="The plane held at 45°, strokes the whole length: both lines are reached together">
      <path d="M120 94H356L396 134V220H120Z" className="fill-timber stroke-ink" strokeWidth={2.5} />
      <path d="M356 94H396V134Z" className="fill-none stroke-blue" strokeDasharray="7 5" strokeWidth={2} />
      <g
        className={MOVING}
        style={{
          transform: `translate(376px, 114px) rotate(45deg) translateY(${count % 2 === 0 ? -8 : 0}px)`,
        }}
      >
        <path d="M-70 -6H70V-20L56 -36H-56L-70 -20Z" className="fill-steel stroke-ink" strokeWidth={2.5} />
        <path d="M-24 -36V-62Q0 -84 24 -62V-36Z" className="fill-timber stroke-ink" strokeWidth={2.5} />
      </g>
      <text x={440} y={206} style={{ fontSize: 24 }}>
        45°
      </text>
    </Frame>
  )
}
