import { useQuery } from '@tanstack/react-query'
import { answered, client, type Schemas } from '@/api/client'
import { pulse, threeEdges, threeEdgesPreview } from '@/api/queries'
import { HOW_READ } from '@/drawings/reading/howRead'
import { PairsReading } from '@/drawings/reading/PairsReading'
import { ThreeProfiles, threeHeight, threeFactor } from '@/drawings/ThreeProfiles'
import { Board } from '@/parts/Board'
import { Correcting } from '@/parts/Correcting'
import { Heading } from '@/parts/Heading'
import { Lost, Waiting } from '@/parts/Notice'
import { Sheet } from '@/parts/Sheet'
import { useChange } from '@/parts/useChange'
import { type Correction, useCorrection } from '@/parts/useCorrection'
import { useToBench } from '@/parts/useToBench'
import { JointStroke, recordOf } from '@/places/true/JointStroke'
import { useJointDraft } from '@/places/true/useJointDraft'
import { ThreeEdgesReadings } from './ThreeEdgesReadings'

/** Three edges tested against each other, guided pair by pair; none of them needs to be straight. */
export function ThreeEdgesPage() {
  const { data, error } = useQuery(threeEdges())
  const unit = useQuery(pulse()).data?.unit
  const wrong = useCorrection<Schemas['ThreeEdgesFormRequest']>(KINDS)
  if (error && !data) return <Lost problem={error} />
  if (!data || !unit || wrong === undefined) return <Waiting />
  return <Page key={wrong?.entry ?? 'new'} page={data} unit={unit} wrong={wrong} />
}

const KINDS = ['edges-compared']

interface PageProps {
  page: Schemas['ThreeEdgesPage']
  unit: string
  wrong: Correction<Schemas['ThreeEdgesFormRequest']> | null
}

function Page({ page, unit, wrong }: PageProps) {
  const draft = useJointDraft('three edges', page.typed, unit, wrong)
  const preview = useQuery(threeEdgesPreview(draft.values)).data
  const body = draft.values
  const record = useChange(
    () => answered(client.POST('/api/three-edges/tests', { body, headers: draft.headers })),
    draft.done,
  )
  const bench = useToBench(
    () => answered(client.POST('/api/three-edges/sessions', { body, headers: draft.headers })),
    draft.done,
  )
  if (!preview) return <Waiting />
  const begun = draft.values.rows.some((row) => row.ab + row.bc + row.ca + row.abTurned !== '')

  return (
    <>
      <Heading
        title="Three edges against each other"
        says="No straight one is needed: three pairs tell all three apart."
      />
      <Board
        columnFirst={preview.edges.length === 0}
        drawing={
          <Sheet
            title="The three edges, each over its own straight line"
            says={
              preview.edges.length > 0
                ? preview.edges.map((edge) => `${edge.name}: straight to ${edge.straightness}`).join('; ')
                : preview.next.says
            }
            block={(box) => [
              ...(preview.edges.length > 0
                ? ([
                    ['Heights', `drawn ×${threeFactor(preview, box.width)}`],
                    ['Hatched', 'stands proud'],
                  ] as const)
                : [HOW_READ]),
              ...(preview.inconsistency ? [['Contradiction', preview.inconsistency] as const] : []),
            ]}
            height={() => threeHeight}
          >
            {(box) =>
              preview.edges.length > 0 ? (
                <ThreeProfiles preview={preview} width={box.width} />
              ) : (
                <PairsReading {...box} />
              )
            }
          </Sheet>
        }
        below={
          <ThreeEdgesReadings
            page={page}
            values={draft.values}
            preview={preview}
            onRecord={recordOf(preview, record, bench)}
            onChange={draft.change}
          />
        }
        column={
          <>
            <Correcting correction={wrong} />
            <JointStroke
              preview={preview}
              record={record}
              bench={bench}
              again={begun ? 'Begin again' : null}
              onAgain={draft.clear}
            />
          </>
        }
      />
    </>
  )
}
