import type { ComponentType } from 'react'
import type { Schemas } from '@/api/client'
import { Boring } from './Boring'
import { Chiselled } from './Chiselled'
import type { HandsProps } from './Frame'
import { InRecess } from './InRecess'
import { Checked, Clamped, Fitted, PlanedFace, Shot } from './Joinery'
import { Marked } from './Marked'
import { OnStone } from './OnStone'
import { Planed } from './Planed'
import { Sawn } from './Sawn'
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
  check: Checked,
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
