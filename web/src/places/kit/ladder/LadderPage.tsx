import { useQuery } from '@tanstack/react-query'
import type { Schemas } from '@/api/client'
import { ladder } from '@/api/queries'
import { LadderDrawing } from '@/drawings/LadderDrawing'
import { Board } from '@/parts/Board'
import { Heading } from '@/parts/Heading'
import { How } from '@/parts/How'
import { MainLink } from '@/parts/MainLink'
import { NextStroke } from '@/parts/NextStroke'
import { Lost, Notice, Waiting } from '@/parts/Notice'
import { Sheet } from '@/parts/Sheet'
import { AskLatest } from '@/places/kit/HowIsIt'
import { KitNav } from '@/places/kit/KitNav'
import { Alternatives } from './Alternatives'
import { MoneyFields } from './MoneyFields'
import { Rungs } from './Rungs'
import { TakeButton } from './TakeButton'

const STEP_HEIGHT = 30

/** The order to get things in: what each step costs, and what it unlocks. */
export function LadderPage() {
  const { data, error } = useQuery(ladder())
  if (error && !data) return <Lost problem={error} />
  if (!data) return <Waiting />
  const steps = data.rungs.filter((rung) => rung.tools.length > 0)
  const first = (steps[0] ?? data.meanwhile)?.tools[0]

  return (
    <>
      <Heading
        title="Ladder"
        says="First to make something at all, then to make it better. Cost along, what it unlocks up."
      />
      <KitNav />
      <Board
        drawing={
          <Sheet
            title="The ladder of what to get"
            says={inWords(data)}
            block={[
              [`${data.tools} tools`, data.totalText],
              ['Paper, blades, files', data.running],
              ['Proof', data.proof],
            ]}
            height={(width) => Math.max(260, Math.min(460, width * 0.25 + unlocked(data) * STEP_HEIGHT))}
          >
            {(box) => <LadderDrawing rungs={data.rungs} beyond={data.beyond} money={euros} {...box} />}
          </Sheet>
        }
        below={<Rungs rungs={data.rungs} meanwhile={data.meanwhile} />}
        next={
          <NextStroke says={data.says} why={data.why}>
            {data.works === 0 ? (
              <MainLink to="/work">Choose a work</MainLink>
            ) : (
              first && <TakeButton tool={first} weight="main" />
            )}
            <How how={data.how} />
          </NextStroke>
        }
        column={
          <>
            <AskLatest />
            {data.outOfReach && <Notice>{data.outOfReach}</Notice>}
            {data.impossible && <Notice>{data.impossible}</Notice>}
            {data.locked.length > 0 && (
              <p className="mt-3 border-t border-rule pt-2">
                Not reached by this ladder: {data.locked.join(', ')}.
              </p>
            )}
            {data.startingSmall && <p className="mt-3 border-t border-rule pt-2">{data.startingSmall}</p>}
            <MoneyFields ladder={data} />
            {steps.length > 0 && <Alternatives />}
          </>
        }
      />
    </>
  )
}

const euros = (cost: number) => `€ ${cost}`

const unlocked = (data: Schemas['Ladder']) =>
  data.rungs.reduce((sum, rung) => sum + rung.unlocks.length, data.beyond ? 1 : 0)

const inWords = (data: Schemas['Ladder']) => data.rungs.map(rungInWords).join(' ')

function rungInWords(rung: Schemas['Rung']): string {
  const tools = rung.tools.map((tool) => tool.name).join(', ')
  const got = tools === '' ? 'At once' : `${rung.made ? 'Make' : 'Get'} ${tools}`
  const works = rung.unlocks.map((work) => `${work.name}, ${work.well}`).join('; ')
  return `${got}, ${rung.toText} in all${works === '' ? '' : `: unlocks ${works}`}.`
}
