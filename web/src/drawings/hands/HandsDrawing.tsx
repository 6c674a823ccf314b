import type { ComponentType } from 'react'
import type { Schemas } from '@/api/client'
import { Boring } from './Boring'
import { Checked, CheckedSquare, CheckedWind } from './Checks'
import { Chiselled } from './Chiselled'
import type { HandsProps } from './Frame'
import { InRecess } from './InRecess'
import { Clamped, Fitted, PlanedFace, Shot } from './Joinery'
import { BevelLine, Measured, SquareLine, SteppedOff } from './Lines'
import { Marked } from './Marked'
import { OnStone } from './OnStone'
import { Planed } from './Planed'
import { Sawn } from './Sawn'
import { Chamfered, Levelled, Pared, Shaved } from './Shaped'
import { FiledTeeth, JointedTeeth, SetTeeth } from './Teeth'
import { Thicknessed } from './Thicknessed'

const DRAWINGS: Record<NonNullable<Schemas['StepHands']['drawing']>, ComponentType<HandsProps>> = {
  recess: InRecess,
  hole: Boring,
  thickness: Thicknessed,
  joint: JointedTeeth,
  'file-teeth': FiledTeeth,
  'set-teeth': SetTeeth,
  saw: Sawn,
  mark: Marked,
  chisel: Chiselled,
  plane: PlanedFace,
  shoot: Shot,
  'square-line': SquareLine,
  'bevel-line': BevelLine,
  'step-off': SteppedOff,
  measure: Measured,
  pare: Pared,
  level: Levelled,
  shave: Shaved,
  chamfer: Chamfered,
  check: Checked,
  'check-square': CheckedSquare,
  'check-wind': CheckedWind,
  fit: Fitted,
  clamp: Clamped,
}

/** What the hands do in one step, to be read at two metres; nothing where there is nothing to draw. */
export function HandsDrawing({ hands, count, of }: Omit<HandsProps, 'done'> & { of: number }) {
  if (typeof hands.angleDeg === 'number')
    return <OnStone hands={hands} angleDeg={hands.angleDeg} count={count} />
  const Drawn = hands.drawing && DRAWINGS[hands.drawing]
  if (Drawn) return <Drawn hands={hands} count={count} done={of > 0 ? Math.min(1, count / of) : 0} />
  return typeof hands.lengthMm === 'number' ? <Planed hands={hands} /> : null
}
