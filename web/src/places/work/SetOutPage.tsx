import { useQuery } from '@tanstack/react-query'
import { useMemo } from 'react'
import { Link, useNavigate, useParams, useSearchParams } from 'react-router'
import { answered, client, type Schemas } from '@/api/client'
import { pulse, setOutPreview, setOuts, workCard } from '@/api/queries'
import { Board } from '@/parts/Board'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { Heading } from '@/parts/Heading'
import { How } from '@/parts/How'
import { Complaint } from '@/parts/Keeping'
import { Lines } from '@/parts/Lines'
import { NextStroke } from '@/parts/NextStroke'
import { Lost, Waiting } from '@/parts/Notice'
import { PlainField } from '@/parts/PlainField'
import { PlanSheet } from '@/parts/PlanSheet'
import { FigureField } from '@/parts/FigureField'
import { Readings } from '@/parts/Readings'
import { useAhead } from '@/parts/useAhead'
import { useChange } from '@/parts/useChange'
import { useLastGood } from '@/parts/useLastGood'
import { useLater } from '@/parts/useLater'
import { useTyped } from '@/parts/useTyped'
import { Settings, Ways } from './Settings'
import { TrueSize } from './TrueSize'
import { WorkNav } from './WorkNav'

const NAME = 'its name'

/** So that several views stand beside each other, and the next stroke in sight, px. */
const HIGHEST = 160

/** One question of setting out: by itself, or filled from a work and kept with it. */
export function SetOutPage() {
  const { question = '' } = useParams()
  const [search] = useSearchParams()
  const work = Number(search.get('work')) || null
  const unit = useQuery(pulse()).data?.unit
  const { data, error } = useQuery(setOuts(work))
  const card = useQuery({ ...workCard(work ?? 0), enabled: work !== null })
  if (error && !data) return <Lost problem={error} />
  if (!data || !unit || (work !== null && card.isPending)) return <Waiting />
  const asked = data.questions.find(({ id }) => id === question)
  if (!asked) return <Lost problem={new Error('There is no such question.')} />
  const kept = card.data?.kept.find(({ id }) => id === Number(search.get('kept'))) ?? null
  return (
    <Page
      key={`${question} ${work} ${kept?.id}`}
      asked={asked}
      unit={unit}
      work={work === null || data.work === null ? null : { id: work, name: data.work }}
      kept={kept}
    />
  )
}

interface PageProps {
  asked: Schemas['SetOutQuestion']
  unit: string
  work: { id: number; name: string } | null
  kept: Schemas['KeptSetOut'] | null
}

function Page({ asked, unit, work, kept }: PageProps) {
  const draft = useTyped(
    `set-out ${asked.id} ${work?.id ?? ''} ${kept?.id ?? ''}`,
    kept ? { ...kept.typed, ...kept.choices, [NAME]: kept.name } : {},
    unit,
    kept?.version ?? 1,
    asked.fields.filter((field) => field.isLength).map((field) => field.name),
  )
  const sent = sentOf(asked, draft.values)
  const question = (values: Record<string, string>) =>
    setOutPreview(asked.id, { ...sentOf(asked, values), work: work?.id ?? null })
  const preview = useQuery(question(draft.values)).data
  const type = useAhead(draft.values, draft.change, question)
  // What was drawn last stays while a figure is half typed.
  const drawn = useLastGood(preview && preview.views.length > 0 ? preview : null, true)
  // The drawing follows the key first, and what is read after it a moment later.
  const later = useLater(preview)
  const sheet = useMemo(
    () => drawn && { label: asked.label, views: drawn.views, lines: drawn.lines },
    [drawn, asked.label],
  )
  const keep = useKeep(asked, sent, draft, work, kept)
  const shown = (field: Schemas['Field']) =>
    !field.when || (preview?.choices[field.when.choice] ?? field.when.is) === field.when.is
  const field = (one: Schemas['Field']) => (
    <FigureField
      key={one.name}
      field={one}
      value={draft.values[one.name] ?? ''}
      reading={preview?.figures[one.name]}
      onType={type}
    />
  )
  const fields = asked.fields.filter(shown)
  const first = fields.filter((one) => !one.isAside)
  const aside = fields.filter((one) => one.isAside)

  return (
    <>
      <Heading title={asked.label} says={asked.says} />
      <WorkNav />
      <Board
        drawing={
          sheet ? (
            <PlanSheet highest={HIGHEST} dashed="to be marked or cut away" preview={sheet} />
          ) : (
            <p className="border border-rule p-6 text-soft">It is drawn here as soon as it can be set out.</p>
          )
        }
        below={
          later && (
            <>
              <Settings settings={later.settings} />
              <Ways title="Side by side" rows={later.rows} />
              <Ways title="By transfer or by numbers" rows={later.chains} />
              <Lines lines={later.lines} />
            </>
          )
        }
        next={
          <NextStroke says={preview?.next.says ?? 'Working it out…'} why={preview?.next.why ?? ''}>
            {work && preview && preview.views.length > 0 && (
              <Button writes weight="main" disabled={keep.isPending} onClick={() => keep.mutate(undefined)}>
                {kept ? 'Keep it so' : `Keep it for the ${work.name}`}
              </Button>
            )}
            {draft.touched && <Button onClick={draft.clear}>{kept ? 'As it was kept' : 'The usual'}</Button>}
            {preview && <How how={preview.how} />}
          </NextStroke>
        }
        column={
          <>
            <Complaint problem={keep.error} besides={[]} />
            <Readings title={work ? `From the ${work.name}` : 'Its numbers'} onRecord={null}>
              {first.map(field)}
              {asked.choices.map((choice) => (
                <Choice
                  key={choice.name}
                  label={choice.label}
                  value={preview?.choices[choice.name] ?? choice.usual}
                  options={choice.options}
                  onChange={(value) => draft.change(choice.name, value)}
                />
              ))}
              {aside.length > 0 && (
                <details className="border-b border-rule py-1.5">
                  <summary className="min-h-8 cursor-pointer text-soft">
                    {aside.map((one) => one.label.toLowerCase()).join(', ')}
                  </summary>
                  {aside.map(field)}
                </details>
              )}
            </Readings>
            {later && later.sheets.length > 0 && (
              <TrueSize
                question={asked.id}
                sent={sent}
                work={work?.id ?? null}
                sheets={later.sheets.length}
              />
            )}
            {work && (
              <>
                <PlainField
                  wide
                  label="Called"
                  value={draft.values[NAME] ?? ''}
                  placeholder={asked.label}
                  onChange={(text) => draft.change(NAME, text)}
                />
                <p className="mt-3">
                  <Link to={`/work/works/${work.id}`} className="underline underline-offset-4">
                    Back to the {work.name}
                  </Link>
                </p>
              </>
            )}
          </>
        }
      />
    </>
  )
}

function sentOf(asked: Schemas['SetOutQuestion'], values: Readonly<Record<string, string>>) {
  const pick = (names: readonly string[]) =>
    Object.fromEntries(names.flatMap((name) => (values[name] === undefined ? [] : [[name, values[name]]])))
  return {
    typed: pick(asked.fields.map((field) => field.name)),
    choices: pick(asked.choices.map((choice) => choice.name)),
  }
}

function useKeep(
  asked: Schemas['SetOutQuestion'],
  sent: ReturnType<typeof sentOf>,
  draft: ReturnType<typeof useTyped>,
  work: PageProps['work'],
  kept: PageProps['kept'],
) {
  const navigate = useNavigate()
  return useChange(
    () => {
      const body = {
        ...sent,
        question: asked.id as Schemas['KeepSetOutRequest']['question'],
        name: draft.values[NAME] ?? '',
      }
      return kept
        ? answered(
            client.PUT('/api/set-outs/{setOut}', {
              params: { path: { setOut: kept.id } },
              body: { ...body, version: draft.version },
            }),
          )
        : answered(
            client.POST('/api/works/{work}/set-outs', { params: { path: { work: work?.id ?? 0 } }, body }),
          )
    },
    () => {
      draft.clear()
      void navigate(`/work/works/${work?.id}`)
    },
  )
}
