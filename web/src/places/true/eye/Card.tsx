import { Button } from '@/parts/Button'

interface CardProps {
  cardMm: number
  pxPerMm: number
  isKnown: boolean
  onChange: (pxPerMm: number) => void
}

/** Its height to its width: ISO/IEC 7810, size ID-1. */
const HEIGHT = 53.98 / 85.6

const NARROW = 500

/** A rectangle that is made as wide as a bank card held to it: then a millimetre is known on this screen. */
export function Card({ cardMm, pxPerMm, isKnown, onChange }: CardProps) {
  const long = cardMm * pxPerMm
  // A phone is narrower than a card: there it is held upright.
  const upright = window.innerWidth < NARROW
  const [width, height] = upright ? [long * HEIGHT, long] : [long, long * HEIGHT]
  const by = (px: number) => onChange((long + px) / cardMm)
  return (
    <figure data-answer className="border border-rule p-1">
      <div className="overflow-hidden border border-ink bg-sheet p-4">
        <div
          role="img"
          aria-label="A rectangle to hold a bank card against"
          className="border-2 border-ink bg-wood"
          style={{ width, height }}
        />
        <figcaption className="mt-3 flex flex-wrap items-center gap-x-4 gap-y-2">
          <span>Make it as large as a bank card held {upright && 'upright '}to the screen.</span>
          <span className="flex gap-3">
            {[-10, -1, 1, 10].map((px) => (
              <Button
                key={px}
                aria-label={`${Math.abs(px)} ${px < 0 ? 'smaller' : 'larger'}`}
                onClick={() => by(px)}
              >
                {px < 0 ? `−${-px}` : `+${px}`}
              </Button>
            ))}
            {!isKnown && <Button onClick={() => by(0)}>It fits</Button>}
          </span>
        </figcaption>
      </div>
    </figure>
  )
}
