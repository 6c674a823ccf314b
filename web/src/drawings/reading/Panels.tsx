import type { ReactNode } from 'react'

export interface Panel {
  /** What is done, in two short lines. */
  says: readonly [string, string?]
  /** Drawn in a field 300 wide and 150 high. */
  scene: ReactNode
  /** What came out of it the last time. */
  last?: LastResult | undefined
}

export interface LastResult {
  /** Ready to be read. */
  error: string
}

interface PanelsProps {
  panels: readonly Panel[]
  /** What of the field’s height the scenes take: they are drawn the larger for it. */
  used?: readonly [from: number, to: number]
  width: number
  height: number
}

const FIELD = 300
const WHOLE = [0, 150] as const

const COLUMNS = 2
const WORDS = 42
const MARGIN = 10
/** A panel of a phone’s sheet, px: its words are set smaller. */
const NARROW = 200

/** How a reading is taken, before the first is typed: scene by scene, two beside each other. */
export function Panels({ panels, used = WHOLE, width, height }: PanelsProps) {
  const rows = Math.ceil(panels.length / COLUMNS)
  const [wide, high] = [width / COLUMNS, height / rows]
  const [from, to] = used
  const scale = Math.min((wide - 2 * MARGIN) / FIELD, (high - WORDS - MARGIN) / (to - from))
  const at = {
    x: (wide - FIELD * scale) / 2,
    y: WORDS + (high - WORDS - MARGIN - (to - from) * scale) / 2 - from * scale,
  }
  return (
    <g data-testid="how-read">
      {panels.map((panel, index) => (
        <g
          key={panel.says[0]}
          transform={`translate(${(index % COLUMNS) * wide} ${Math.floor(index / COLUMNS) * high})`}
        >
          <Words number={index + 1} says={panel.says} isNarrow={wide < NARROW} />
          <g transform={`translate(${at.x} ${at.y}) scale(${scale})`}>{panel.scene}</g>
          {panel.last && (
            <text
              x={wide / 2}
              y={high - 12}
              textAnchor="middle"
              className="fill-soft"
              style={{ fontSize: 12 }}
            >
              last time {panel.last.error}
            </text>
          )}
        </g>
      ))}
      <line x1={wide} x2={wide} y1={12} y2={height - 12} className="stroke-rule" />
      {rows > 1 && <line x1={12} x2={width - 12} y1={high} y2={high} className="stroke-rule" />}
    </g>
  )
}

function Words({ number, says, isNarrow }: { number: number; says: Panel['says']; isNarrow: boolean }) {
  const style = { fontSize: isNarrow ? 11 : 13 }
  return (
    <g>
      <text x={MARGIN} y={26} className="figure" style={{ fontSize: 22 }}>
        {number}
      </text>
      {says.map((line, index) => (
        <text key={line} x={MARGIN + 20} y={20 + 15 * index} style={style}>
          {line}
        </text>
      ))}
    </g>
  )
}
