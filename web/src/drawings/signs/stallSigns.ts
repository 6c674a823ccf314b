import type { Shape } from './shapes'

const PLANE = 'M8 46 H104 V36 H88 L80 22 L66 22 L60 36 H42 L38 26 L24 26 L22 36 H8 Z'
const SAW = 'M24 20 L104 28 L104 34 L24 48 Z'
const TOTE = 'M8 16 L24 18 L26 50 L10 50 Z'
const CHISEL = 'M10 28 H76 L92 36 H10 Z'

/** Each check drawn in a field of 112 by 64: what is held, and what is looked at in blue, red or amber. */
export const STALL_SIGNS: Readonly<Record<string, readonly Shape[]>> = {
  crack: [
    ['steel', PLANE],
    ['red', 'M52 46 L54 40 L50 36 L53 30'],
  ],
  rust: [
    ['steel', PLANE],
    ['amber', 'M16 41 h6 M28 42 h4 M70 41 h8 M92 42 h5'],
    ['line', 'M44 58 q10 -10 20 -12'],
  ],
  mouth: [
    ['steel', 'M10 20 H102 V44 H10 Z'],
    ['line', 'M44 24 V40 M50 24 V40'],
    ['blue', 'M44 24 H50 V40 H44 Z'],
  ],
  bed: [
    ['steel', 'M12 50 H100 V42 H76 L58 18 L46 18 L46 42 H12 Z'],
    ['blue', 'M52 18 L72 44'],
    ['amber', 'M66 42 l4 -5'],
  ],
  iron: [
    ['steel', 'M36 6 H76 V48 L70 58 H42 L36 48 Z'],
    ['line', 'M52 12 H60 V34 H52 Z'],
    ['blue', 'M88 34 V58 M84 34 H92 M84 58 H92'],
  ],
  screw: [
    ['steel', 'M40 16 H72 V26 H40 Z'],
    ['line', 'M48 26 V54 M64 26 V54 M48 32 l16 4 M48 40 l16 4 M48 48 l16 4'],
    ['blue', 'M34 12 q22 -12 44 0 M78 12 l-6 -4 M78 12 l-7 3'],
  ],
  handle: [
    ['wood', 'M46 56 L44 36 Q40 18 54 10 Q66 10 64 24 Q62 36 70 56 Z'],
    ['blue', 'M28 26 q6 -8 12 -4 M84 34 q-6 8 -12 4'],
  ],
  straightedge: [
    ['steel', 'M8 36 Q56 46 104 36 V54 H8 Z'],
    ['line', 'M4 24 H108 V34 H4 Z'],
    ['light', 'M20 36 Q56 46 92 36 Z'],
  ],
  square: [
    ['steel', 'M50 8 H62 V56 H50 Z'],
    ['steel', 'M14 44 H50 V56 H14 Z'],
    ['amber', 'M64 10 L68 40'],
  ],
  worm: [
    ['wood', 'M10 18 H102 V44 H10 Z'],
    ['line', 'M30 28 h1 M46 34 h1 M60 26 h1 M78 36 h1'],
    ['amber', 'M44 50 l4 4 M60 50 l4 6 M76 50 l3 4'],
  ],
  wedge: [
    ['wood', 'M20 56 V10 H92 V56 Z'],
    ['steel', 'M44 6 L52 6 L70 56 L64 56 Z'],
    ['blue', 'M54 4 L66 4 L74 48'],
  ],
  wind: [
    ['wood', 'M10 34 L94 26 L102 42 L18 52 Z'],
    ['line', 'M14 22 L92 26'],
    ['blue', 'M14 28 L96 20'],
  ],
  fence: [
    ['wood', 'M10 40 H102 V56 H10 Z'],
    ['steel', 'M10 12 H102 V18 H10 Z'],
    ['blue', 'M22 18 V40 M18 18 h8 M18 40 h8 M90 18 V40 M86 18 h8 M86 40 h8'],
  ],
  stem: [
    ['steel', 'M8 28 H104 V36 H8 Z'],
    ['blue', 'M30 50 q26 10 52 0 M82 50 l-7 0 M82 50 l-4 6'],
    ['hidden', 'M8 22 H104'],
  ],
  stop: [
    ['steel', 'M44 8 H56 V50 H44 Z'],
    ['wood', 'M20 30 H44 V46 H20 Z'],
    ['blue', 'M76 56 V30 M70 38 l6 -8 l6 8'],
  ],
  bow: [
    ['steel', 'M8 26 Q56 44 104 26 V36 Q56 54 8 36 Z'],
    ['hidden', 'M8 26 H104'],
    ['blue', 'M56 26 V35 M52 26 h8 M52 35 h8'],
  ],
  file: [
    ['steel', SAW],
    ['line', 'M44 60 L84 40'],
    ['amber', 'M66 48 l2 -6 M72 46 l6 -4'],
  ],
  kink: [
    ['steel', 'M8 40 Q40 10 56 30 Q72 50 104 22 V32 Q72 60 56 40 Q40 20 8 50 Z'],
    ['red', 'M54 24 l6 10'],
  ],
  back: [
    ['wood', TOTE],
    ['steel', 'M24 24 H104 V48 L24 52 Z'],
    ['line', 'M24 18 H104 V26 H24 Z'],
    ['blue', 'M64 10 v-6 M60 8 l4 -4 l4 4 M64 54 v6 M60 56 l4 4 l4 -4'],
  ],
  teeth: [
    [
      'steel',
      'M8 14 H104 V38 l-6 10 l-6 -10 l-6 10 l-6 -10 l-6 10 l-6 -10 h-12 ' +
        'l-6 10 l-6 -10 l-6 10 l-6 -10 l-6 10 l-6 -10 l-6 10 L8 38 Z',
    ],
    ['red', 'M56 36 H68'],
  ],
  frame: [
    ['line', 'M12 50 V12 H100 V50'],
    ['blue', 'M12 50 H100'],
    ['amber', 'M40 56 q16 6 32 0'],
  ],
  plate: [
    ['wood', TOTE],
    ['steel', 'M24 20 H104 V44 L24 50 Z'],
    ['blue', 'M98 20 V44 M94 20 h8 M94 44 h8'],
  ],
  pits: [
    ['steel', CHISEL],
    ['red', 'M72 31 h1 M78 33 h1 M66 30 h1 M82 35 h1'],
    ['hidden', 'M60 22 V42'],
  ],
  roll: [
    [
      'steel',
      'M8 34 Q20 26 32 34 Q44 42 56 34 Q68 26 80 34 L104 34 V38 L80 38 Q68 30 56 38 Q44 46 32 38 Q20 30 8 38 Z',
    ],
    ['line', 'M4 50 H108'],
    ['blue', 'M46 16 q12 -10 22 2 M68 18 l-7 -1 M68 18 l1 -7'],
  ],
  leadscrew: [
    ['steel', 'M8 20 H60 V44 H8 Z'],
    ['line', 'M60 24 L96 32 L60 40 Z M66 26 l2 12 M74 28 l2 8 M82 29 l1 6'],
    ['blue', 'M98 22 l6 -6 M100 32 h8 M98 42 l6 6'],
  ],
  spurs: [
    ['steel', 'M30 4 H82 V36 H30 Z'],
    ['steel', 'M30 36 H38 V54 L30 48 Z'],
    ['steel', 'M82 36 H74 V54 L82 48 Z'],
    ['blue', 'M92 36 V54 M88 36 h8 M88 54 h8'],
  ],
  caliper: [
    ['steel', 'M40 12 H72 V52 H40 Z'],
    ['line', 'M26 4 H92 M30 4 V48 L38 52 M84 4 V48 L76 52'],
    ['blue', 'M38 52 H76'],
  ],
  jaws: [
    ['steel', 'M34 8 H78 V24 L64 44 H48 L34 24 Z'],
    ['line', 'M56 24 V44'],
    ['blue', 'M56 46 V62 M50 56 l6 6 l6 -6'],
  ],
  ratchet: [
    [
      'steel',
      'M56 12 L66 16 L72 10 L76 20 L86 20 L82 30 L88 36 L80 42 L80 52 L70 50 ' +
        'L62 56 L56 48 L46 54 L42 46 L32 46 L36 36 L28 30 L38 26 L36 16 L46 18 Z',
    ],
    ['blue', 'M96 14 q10 18 0 36 M96 50 l8 -3 M96 50 l-1 -8'],
  ],
  pad: [
    ['wood', 'M24 14 Q56 2 88 14 V24 H24 Z'],
    ['steel', 'M50 24 H62 V58 H50 Z'],
    ['blue', 'M24 34 q32 14 64 0 M88 34 l-8 0 M88 34 l-4 7'],
  ],
  flip: [
    ['wood', 'M6 44 H106 V60 H6 Z'],
    ['line', 'M56 44 L52 6'],
    ['blue', 'M56 44 L60 6'],
    ['hidden', 'M20 44 H50 V54 H20 Z M62 44 H92 V54 H62 Z'],
  ],
  head: [
    ['steel', 'M30 10 H82 V30 H30 Z'],
    ['wood', 'M50 6 H62 V60 H50 Z'],
    ['blue', 'M20 20 h-10 M14 16 l-4 4 l4 4 M92 20 h10 M98 16 l4 4 l-4 4'],
  ],
  ring: [
    ['line', 'M56 2 V16'],
    ['steel', 'M56 14 a22 22 0 1 0 0.1 0 Z'],
    ['line', 'M56 32 a4 4 0 1 0 0.1 0 Z'],
    ['blue', 'M88 30 q6 6 0 12 M96 24 q12 12 0 24'],
  ],
  guard: [
    ['steel', 'M56 14 a22 22 0 1 0 0.1 0 Z'],
    ['line', 'M32 44 A26 26 0 1 1 82 40'],
    ['blue', 'M82 46 H104 V52 H82 Z'],
  ],
}
