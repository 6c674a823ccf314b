import { scaleLog } from 'd3-scale'
import type { Schemas } from '@/api/client'
import { rackLayout } from './rackLayout'

interface StoneRackProps {
  stones: readonly Schemas['Stone'][]
  gaps: readonly Schemas['RackGap'][]
  width: number
}

export const RACK_HEIGHT = 204
const TICKS = [500, 200, 100, 50, 20, 10, 5, 2, 1, 0.5, 0.2]
const LINE = 112
const STEPS = LINE + 50
/** What a figure and its unit take between two ticks, px. */
const UNIT_ROOM = 56

/** The stones on one logarithmic micrometre scale, coarse to the left; below it how far each step jumps. */
export function StoneRack({ stones, gaps, width }: StoneRackProps) {
  const sizes = stones.map((stone) => stone.particleUm)
  const at = scaleLog()
    .domain([Math.max(100, ...sizes) * 1.5, Math.min(1, ...sizes) / 1.5])
    .range([28, width - 28])
  const [coarsest = 0, finest = 0] = at.domain()
  const placed = rackLayout(stones.map((stone) => ({ key: stone.key, x: at(stone.particleUm) })))
  const x = (key: string) => placed.get(key)?.x ?? 0

  return (
    <g>
      <line x1={12} x2={width - 12} y1={LINE} y2={LINE} className="stroke-ink" strokeWidth={1.5} />
      {TICKS.filter((um) => um < coarsest && um > finest).map((um) => (
        <g key={um}>
          <line x1={at(um)} x2={at(um)} y1={LINE} y2={LINE + 7} className="stroke-ink" />
          <text x={at(um)} y={LINE + 23} textAnchor="middle" className="fill-soft">
            {um}
            {um === 100 && at(50) - at(100) > UNIT_ROOM ? ' µm' : ''}
          </text>
        </g>
      ))}
      {stones.map((stone) => (
        <Piece key={stone.id} stone={stone} x={x(stone.key)} row={placed.get(stone.key)?.row ?? 0} />
      ))}
      {gaps.map((gap) => (
        <Gap key={gap.from + gap.to} gap={gap} from={x(gap.from)} to={x(gap.to)} />
      ))}
    </g>
  )
}

const HIGH = 38
const WIDE = 34

/** A stone, paper, plate or strop standing on the scale as it looks from the end; what is worn off it is left pale. */
function Piece({ stone, x, row }: { stone: Schemas['Stone']; x: number; row: number }) {
  return (
    <g>
      <g transform={`translate(${x - WIDE / 2} ${LINE - HIGH})`}>
        <Body medium={stone.medium} worn={HIGH * stone.worn} />
      </g>
      {row > 0 && <line x1={x} x2={x} y1={LINE - 42} y2={LINE - 44 - row * 17} className="stroke-soft" />}
      <text x={x} y={LINE - 46 - row * 17} textAnchor="middle" fontWeight={700} className="halo">
        {stone.label}
      </text>
    </g>
  )
}

/** How thick what cuts is on what carries it, px; a stone cuts all through. */
const ON_TOP: Readonly<Record<string, number>> = { paper: 5, film: 4, 'diamond-plate': 9, strop: 11 }

function Body({ medium, worn }: { medium: string; worn: number }) {
  const line = { strokeWidth: 1.25, className: 'stroke-ink' }
  const top = ON_TOP[medium]
  if (medium === 'wheel')
    return (
      <g>
        <circle cx={WIDE / 2} cy={HIGH / 2} r={HIGH / 2} {...line} fill="url(#stone)" />
        <circle cx={WIDE / 2} cy={HIGH / 2} r={3} {...line} fill="var(--steel)" />
      </g>
    )
  if (top === undefined)
    return (
      <g>
        <rect width={WIDE} height={HIGH} {...line} fill="var(--sheet)" strokeDasharray="3 2" />
        <rect y={worn} width={WIDE} height={HIGH - worn} {...line} fill={FILL[medium] ?? 'url(#stone)'} />
      </g>
    )
  return (
    <g>
      <rect y={top} width={WIDE} height={HIGH - top} {...line} fill={CARRIED[medium] ?? 'var(--steel)'} />
      <rect width={WIDE} height={top} {...line} fill={FILL[medium] ?? 'var(--stone)'} />
      {worn > 0 && <line x1={0} x2={WIDE} y1={top * (worn / HIGH)} y2={top * (worn / HIGH)} {...line} />}
    </g>
  )
}

const FILL: Readonly<Record<string, string>> = {
  file: 'var(--steel)',
  'diamond-plate': 'var(--steel)',
}

/** Paper and film lie on glass, a strop on wood. */
const CARRIED: Readonly<Record<string, string>> = { strop: 'url(#wood)', 'diamond-plate': 'url(#wood)' }

function Gap({ gap, from, to }: { gap: Schemas['RackGap']; from: number; to: number }) {
  const middle = (from + to) / 2
  const tone = gap.kind === 'step' ? 'fill-soft' : gap.kind === 'jump' ? 'fill-amber' : 'fill-blue'
  const stroke = gap.kind === 'step' ? 'stroke-soft' : gap.kind === 'jump' ? 'stroke-amber' : 'stroke-blue'
  return (
    <g>
      <path
        d={`M${from + 2} ${STEPS - 14} V${STEPS - 8} H${to - 2} V${STEPS - 14}`}
        className={`fill-none ${stroke}`}
        strokeWidth={gap.kind === 'step' ? 1 : 2}
        strokeDasharray={gap.kind === 'jump' ? '5 4' : undefined}
      />
      <text
        x={middle}
        y={STEPS + 9}
        textAnchor="middle"
        className={tone}
        fontWeight={gap.kind === 'step' ? 400 : 700}
      >
        {gap.times}
      </text>
      {gap.kind !== 'step' && (
        <text x={middle} y={STEPS + 26} textAnchor="middle" className={tone} fontWeight={700}>
          {gap.kind === 'jump' ? 'wide' : 'same'}
        </text>
      )}
    </g>
  )
}
