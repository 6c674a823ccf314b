import clsx from 'clsx'
import { Link } from 'react-router'
import type { Schemas } from '@/api/client'
import { EndGrain } from '@/drawings/EndGrain'
import { Plank } from '@/drawings/Plank'
import { Choice } from '@/parts/Choice'
import { MainLink } from '@/parts/MainLink'
import { NextStroke } from '@/parts/NextStroke'
import { ReadingField } from '@/parts/ReadingField'
import { Readings } from '@/parts/Readings'
import type { Typed } from './blankForm'
import { told } from '@/parts/told'
import { Writes } from '@/parts/Writes'

interface ShelfProps {
  data: Schemas['Blanks']
  values: Typed
  onChange: (field: string, text: string) => void
}

const SIZES = [
  ['length', 'Length', 10],
  ['width', 'Width', 1],
  ['thickness', 'Thickness', 0.5],
] as const

/** The whole shelf for one piece, the best first. */
export function Shelf({ data, values, onChange }: ShelfProps) {
  const longestMm = Math.max(data.wanted.lengthMm, ...data.blanks.map((blank) => blank.lengthMm))
  const best = data.blanks.find((blank) => blank.fitness !== 'unfit')
  return (
    <div className="grid items-start gap-x-8 gap-y-5 lg:grid-cols-[minmax(0,1fr)_26rem]">
      <section className="min-w-0 lg:col-start-2 lg:row-start-1">
        <NextStroke says={data.next.says} why={data.next.why}>
          {best && <MainLink to={`/true/blanks/${best.id}`}>Open it</MainLink>}
          <Writes>
            {best ? (
              <Link to="/true/blanks/new" className="min-h-8 underline underline-offset-4">
                Lay a blank on the shelf
              </Link>
            ) : (
              <MainLink to="/true/blanks/new">Lay a blank on the shelf</MainLink>
            )}
          </Writes>
        </NextStroke>
        <div className="mt-4" />
        <Readings title="The piece that is wanted" onRecord={null}>
          <Choice
            label="For"
            value={data.purpose}
            options={data.purposes}
            onChange={(purpose) => onChange('purpose', purpose)}
          />
          {SIZES.map(([name, label, step]) => (
            <ReadingField
              key={name}
              label={label}
              hint={name === 'length' ? 'when it is done; what is planed off comes on top' : undefined}
              value={values[name] ?? ''}
              reading={data.figures[name]}
              usual={data.usual[name]}
              stepMm={step}
              onChange={(text) => onChange(name, text)}
            />
          ))}
        </Readings>
      </section>
      <ol className="min-w-0 lg:col-start-1 lg:row-start-1">
        {data.blanks.length === 0 && (
          <li className="text-soft">
            Your blanks stand here, the best first, once you have laid one on the shelf.
          </li>
        )}
        {data.blanks.map((blank) => (
          <li key={blank.id} className="border-t border-rule py-3">
            <Ranked blank={blank} wanted={data.wanted} longestMm={longestMm} />
          </li>
        ))}
      </ol>
    </div>
  )
}

const FITNESS = { good: '✓ good for it', doubtful: '? with doubts', unfit: '✗ not for it' } as const

interface RankedProps {
  blank: Schemas['ListedBlank']
  wanted: Schemas['RoughSize']
  longestMm: number
}

/** What the longest blank takes of a phone's width, px. */
const PLANK_PX = 250

function Ranked({ blank, wanted, longestMm }: RankedProps) {
  return (
    <div className="flex gap-4">
      <EndGrain blank={blank} width={72} height={64} />
      <div className="min-w-0 grow">
        <p className="flex flex-wrap justify-between gap-x-4">
          <Link
            to={`/true/blanks/${blank.id}`}
            className="text-lg font-bold underline decoration-rule underline-offset-4"
          >
            {blank.name}
          </Link>
          <span
            className={clsx(
              blank.fitness === 'good' && 'font-bold',
              blank.fitness === 'doubtful' && 'text-amber',
              blank.fitness === 'unfit' && 'text-red',
            )}
          >
            {FITNESS[blank.fitness]}
          </span>
        </p>
        <Plank blank={blank} wanted={wanted} longestMm={longestMm} width={PLANK_PX} />
        <p className="text-soft">{told(blank.says)}</p>
        <p>{blank.moves}</p>
        <ul className="text-sm">
          {blank.reasons.map((reason) => (
            <li key={reason.says} className={reason.fitness === 'good' ? 'text-soft' : undefined}>
              {reason.fitness === 'good' ? '✓' : reason.fitness === 'unfit' ? '✗' : '?'} {reason.says}
            </li>
          ))}
        </ul>
      </div>
    </div>
  )
}
