import { useQuery } from '@tanstack/react-query'
import { making, planPreview } from '@/api/queries'
import type { Schemas } from '@/api/client'
import { PlanDrawing } from '@/drawings/PlanDrawing'
import { placeViews } from '@/drawings/planLayout'

const WIDTH = 640
const NO_BLANKS = {}

/** What is being made, with its dimensions, beside the step in hand. */
export function OfPlan({ id }: { id: number }) {
  const made = useQuery(making(id)).data
  return made ? <Drawn made={made} /> : null
}

function Drawn({ made }: { made: Schemas['Making'] }) {
  const preview = useQuery(planPreview(made.plan, { figures: made.figures, blanks: NO_BLANKS })).data
  if (!preview) return null
  const { placed, scale, height } = placeViews(preview.views, WIDTH)
  return (
    <svg
      role="img"
      aria-label={preview.lines.join(' ')}
      viewBox={`0 0 ${WIDTH} ${height}`}
      className="max-h-[30vh] w-full max-w-3xl"
    >
      <PlanDrawing placed={placed} scale={scale} />
    </svg>
  )
}
