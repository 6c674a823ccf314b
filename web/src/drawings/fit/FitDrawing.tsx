import type { Schemas } from '@/api/client'
import { BladeInKerf } from './BladeInKerf'
import { BraceSweeps } from './BraceSweeps'
import { ChiselInGap } from './ChiselInGap'
import { MarkWidths } from './MarkWidths'
import { SawInStock } from './SawInStock'
import { ShoulderIron } from './ShoulderIron'
import { SoleOnBoard } from './SoleOnBoard'

export interface FitDrawingProps {
  row: Schemas['FitRow']
  rows: readonly Schemas['FitRow'][]
  /** The tool's own, where it hangs on the board. */
  outline?: Schemas['ToolOutline'] | undefined
  width: number
  height: number
}

const drawings: Readonly<Record<string, (props: FitDrawingProps) => React.ReactNode>> = {
  saws: SawInStock,
  soles: SoleOnBoard,
  chisels: ChiselInGap,
  blades: BladeInKerf,
  shoulders: ShoulderIron,
  marks: MarkWidths,
  braces: BraceSweeps,
}

interface Props extends Omit<FitDrawingProps, 'row'> {
  question: string
  row: Schemas['FitRow'] | undefined
}

/** The tool of one row at the work, from both their numbers. */
export function FitDrawing({ question, row, ...props }: Props) {
  const Drawing = drawings[question]
  if (!Drawing || !row)
    return (
      <text x={props.width / 2} y={props.height / 2} textAnchor="middle" className="fill-soft">
        Nothing to draw yet.
      </text>
    )
  return <Drawing row={row} {...props} />
}
