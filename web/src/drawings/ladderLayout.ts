import { scaleLinear } from 'd3-scale'
import type { Schemas } from '@/api/client'
import type { Point } from './geometry'

type Rung = Pick<Schemas['Rung'], 'from' | 'to' | 'unlocks' | 'tools' | 'month'>

export interface Tread {
  from: Point
  to: Point
  /** Where the riser at its end reaches. */
  top: number
  /** Where each tool is paid for, px along, and whether it is made. */
  ticks: { at: number; made: boolean }[]
  works: { name: string; well: string; id: number; y: number }[]
  month: string | null
}

export interface LadderLayout {
  treads: Tread[]
  costs: { at: number; cost: number }[]
  floor: number
  left: number
  right: number
}

const MARGIN = { left: 24, right: 24, top: 34, bottom: 44 }

/** What the first tread stands above the ground, px, so that it can be seen. */
const PLINTH = 22

/** Cost along, works unlocked up: each rung a tread as long as it costs, then a riser for each work it unlocks. */
export function ladderLayout(rungs: readonly Rung[], width: number, height: number): LadderLayout {
  const total = Math.max(1, rungs.at(-1)?.to ?? 1)
  const works = Math.max(
    1,
    rungs.reduce((sum, rung) => sum + rung.unlocks.length, 0),
  )
  const floor = height - MARGIN.bottom
  const along = scaleLinear([0, total], [MARGIN.left, width - MARGIN.right])
  const up = scaleLinear([0, works], [floor - PLINTH, MARGIN.top])
  let unlocked = 0
  const treads = rungs.map((rung): Tread => {
    const y = up(unlocked)
    const names = rung.unlocks.map((work, index) => ({ ...work, y: up(unlocked + index + 1) }))
    unlocked += rung.unlocks.length
    return {
      from: { x: along(rung.from), y },
      to: { x: along(rung.to), y },
      top: up(unlocked),
      ticks: ticksOf(rung).map((tick) => ({ ...tick, at: along(tick.at) })),
      works: names,
      month: rung.month,
    }
  })
  return {
    treads,
    costs: along.ticks(Math.max(2, Math.floor(width / 120))).map((cost) => ({ at: along(cost), cost })),
    floor,
    left: MARGIN.left,
    right: width - MARGIN.right,
  }
}

/** What a letter of a name takes, and what it stands off its riser, px. */
const LETTER = 6.9
const OFF = 9
/** Room enough for most names, px: there they stand over their own tread. */
const ENOUGH = 190

/** Whether the names of a riser stand to its left: over their tread, or where to the right they would be cut off. */
export function standsBefore(tread: Pick<Tread, 'to' | 'works'>, left: number, right: number): boolean {
  const long = Math.max(0, ...tread.works.map((work) => `${work.name}, ${work.well}`.length)) * LETTER + OFF
  const [before, after] = [tread.to.x, right + MARGIN.right - tread.to.x]
  return tread.to.x - left > ENOUGH || (long > after && before > after)
}

function ticksOf(rung: Rung): Tread['ticks'] {
  let at = rung.from
  return rung.tools.map((tool) => ({ at: (at += tool.cost), made: tool.made }))
}
