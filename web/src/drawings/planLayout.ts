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

/** A wide sheet shows all its views at once, px: for that they are drawn smaller, down to a part of their size. */
const SHEET = 530
const ROOMY = 480
const LEAST = 0.55
const SMALLER = 0.97
/** Beside each other they may be this much smaller. */
const NEARLY = 0.85

/** All views to one scale: beside each other where they fit, below where not. */
export function placeViews(views: readonly View[], width: number, highest = HIGHEST): Arranged {
  const widest = Math.max(1, ...views.map((view) => view.widthMm))
  const tallest = Math.max(1, ...views.map((view) => view.heightMm))
  const largest = Math.min((width - ROOM.left - ROOM.right) / widest, highest / tallest)
  let arranged = arrange(views, width, largest)
  while (width >= ROOMY && arranged.height > SHEET && arranged.scale > LEAST * largest)
    arranged = arrange(views, width, arranged.scale * SMALLER)
  const fitting = arranged.height > SHEET ? arrange(views, width, largest) : arranged
  let inRow = arrange(views, width, largest)
  while (!isOneRow(inRow) && inRow.scale > NEARLY * fitting.scale)
    inRow = arrange(views, width, inRow.scale * SMALLER)
  return isOneRow(inRow) && inRow.scale > NEARLY * fitting.scale ? inRow : fitting
}

const isOneRow = ({ placed }: Arranged) => placed.every(({ y }) => y === placed[0]?.y)

interface Arranged {
  /** px a mm */
  scale: number
  height: number
  placed: Placed[]
}

/** The views at one scale, row by row. */
export function arrange(views: readonly View[], width: number, scale: number): Arranged {
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
