import type { Schemas } from '@/api/client'
import type { Shape } from './shapes'

/** What each exercise shows, drawn in a field of 112 by 64 and large enough to be told apart. */
export const EYE_SIGNS: Readonly<Record<Schemas['EyeExercise']['exercise'], readonly Shape[]>> = {
  rule: [
    ['steel', 'M8 20 H104 V44 H8 Z'],
    ['line', 'M20 20 V34 M36 20 V30 M52 20 V34 M68 20 V30 M84 20 V34'],
    ['blue', 'M58 56 V38 M53 43 L58 36 L63 43'],
  ],
  light: [
    ['wood', 'M8 38 H104 V58 H8 Z'],
    ['steel', 'M8 14 H104 V34 H8 Z'],
    ['light', 'M8 34 H104 V38 H8 Z'],
  ],
  twist: [
    ['wood', 'M14 22 L98 28 V40 L14 34 Z'],
    ['steel', 'M6 38 H106 V52 H6 Z'],
    ['blue', 'M14 22 L98 28'],
  ],
  lines: [
    ['line', 'M30 8 L30 58'],
    ['blue', 'M76 8 L70 58'],
  ],
  proud: [
    ['wood', 'M8 34 H56 V58 H8 Z'],
    ['wood', 'M56 28 H104 V58 H56 Z'],
    ['red', 'M56 28 V34'],
  ],
  glint: [
    ['steel', 'M18 24 H94 L86 56 H26 Z'],
    ['amber', 'M18 24 H94 M56 4 V14 M36 6 l4 9 M76 6 l-4 9'],
  ],
  shavings: [
    ['steel', 'M6 54 H70 V40 H6 Z'],
    ['line', 'M70 52 q18 -2 20 -18 q0 -14 -12 -14 q-10 2 -7 12 q4 8 12 2'],
  ],
  turns: [
    ['wood', 'M8 44 H104 V60 H8 Z'],
    ['steel', 'M50 4 H62 V44 H50 Z'],
    ['blue', 'M30 22 q26 -16 52 0 M82 22 l-7 -4 M82 22 l-8 3'],
  ],
  stone: [
    ['wood', 'M8 40 H104 V58 H8 Z'],
    ['steel', 'M24 38 L70 12 L78 18 L34 40 Z'],
    ['amber', 'M16 48 h10 M40 50 h12 M66 47 h9 M86 51 h8'],
  ],
  kerf: [
    ['wood', 'M8 18 H52 V58 H8 Z'],
    ['wood', 'M60 18 H104 V58 H60 Z'],
    ['line', 'M66 4 V58'],
    ['blue', 'M52 46 H60 M66 46 H60'],
  ],
}
