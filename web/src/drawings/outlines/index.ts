import { boring, shaping } from './boring'
import { edgeTools } from './edgeTools'
import { holding } from './holding'
import { layout } from './layout'
import { planes } from './planes'
import { saws } from './saws'
import { sharpening } from './sharpening'
import { box, type Draw, type Outline } from './shapes'

const draws: Readonly<Record<string, Draw>> = {
  ...planes,
  ...saws,
  ...edgeTools,
  ...layout,
  ...holding,
  ...sharpening,
  ...boring,
  ...shaping,
}

const plainBox: Draw = (size) => {
  const [width, height] = [size('length', 100), size('width', 50)]
  return { width, height, bodies: [box(0, 0, width, height)], details: [] }
}

/** Every form that is drawn. */
export const forms = Object.keys(draws)

/** The outline of a form from a tool's own sizes; a plain box where the form is not known. */
export function outlineOf(form: string, size: Readonly<Record<string, number>>): Outline {
  return (draws[form] ?? plainBox)((name, usual) => size[name] ?? usual)
}
