import { Button } from '@/parts/Button'

interface CardProps {
  cardMm: number
  pxPerMm: number
  isKnown: boolean
  onChange: (pxPerMm: number) => void
}

/** Its height to its width: ISO/IEC 7810, size ID-1. */
const HEIGHT = 53.98 / 85.6

/** A rectangle that is made as wide as a bank card held to it: then a millimetre is known on this screen. */
export function Card({ cardMm, pxPerMm, isKnown, onChange }: CardProps) {
  const width = cardMm * pxPerMm
  const by = (px: number) => onChange((width + px) / cardMm)
  return (
    <figure data-answer className="border border-rule p-1">
      <div className="overflow-hidden border border-ink bg-sheet p-4">
        <div
          role="img"
          aria-label="A rectangle to hold a bank card against"
          className="border-2 border-ink bg-wood"
          style={{ width, height: width * HEIGHT }}
        />
        <figcaption className="mt-3 flex flex-wrap items-center gap-x-4 gap-y-2">
          <span>Make it as wide as a bank card held to the screen.</span>
          <span className="flex gap-3">
            {[-10, -1, 1, 10].map((px) => (
              <Button
                key={px}
                aria-label={`${Math.abs(px)} ${px < 0 ? 'narrower' : 'wider'}`}
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
