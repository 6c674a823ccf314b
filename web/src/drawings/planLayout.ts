import type { Schemas } from '@/api/client'

type View = Schemas['PlanView']

export interface Placed {
  view: View
  /** Upper left corner of the view on the sheet, px. */
  x: number
  y: number
}

/** Room about each view for its dimensions and its name, px. */
const ROOM = { left: 44, right: 52, top: 58, bottom: 44 }

/** What a letter of its name takes, px. */
const LETTER = 6.8

/** A view is no higher than this on the screen, px, however narrow it is. */
const HIGHEST = 420

/** All views to one scale: beside each other where they fit, below where not. */
export function placeViews(
  views: readonly View[],
  width: number,
  highest = HIGHEST,
): { scale: number; height: number; placed: Placed[] } {
  const widest = Math.max(1, ...views.map((view) => view.widthMm))
  const tallest = Math.max(1, ...views.map((view) => view.heightMm))
  const scale = Math.min((width - ROOM.left - ROOM.right) / widest, highest / tallest)
  const placed: Placed[] = []
  let [x, y, row] = [0, 0, 0]
  for (const view of views) {
    const [wide, high] = [
      Math.max(view.widthMm * scale + ROOM.left + ROOM.right, view.name.length * LETTER + ROOM.left),
      view.heightMm * scale + ROOM.top + ROOM.bottom,
    ]
    if (x > 0 && x + wide > width + 1) {
      y += row
      x = 0
      row = 0
    }
    placed.push({ view, x: x + ROOM.left, y: y + ROOM.top })
    x += wide
    row = Math.max(row, high)
  }
  return { scale, height: y + row, placed }
}

/** A dimension's line stands off its view: to the side it names, or else to whichever is nearer. */
export function offset(
  dim: Pick<Schemas['PlanDim'], 'fromX' | 'fromY' | 'toX' | 'toY' | 'side'>,
  view: Pick<View, 'widthMm' | 'heightMm'>,
  away: number,
): { x: number; y: number } {
  const across = Math.abs(dim.toY - dim.fromY) < Math.abs(dim.toX - dim.fromX)
  if (across) {
    const below = dim.side ? dim.side === 'below' : dim.fromY > view.heightMm / 2
    return { x: 0, y: below ? away : -away }
  }
  const right = dim.side ? dim.side === 'right' : dim.fromX > view.widthMm / 2
  return { x: right ? away : -away, y: 0 }
}
