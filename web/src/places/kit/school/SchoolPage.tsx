import clsx from 'clsx'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { RadioGroup } from 'radix-ui'
import { answered, client, type Schemas } from '@/api/client'
import { school } from '@/api/queries'
import { ToolWithin } from '@/drawings/ToolOutline'
import { Heading } from '@/parts/Heading'
import { Lost, Waiting } from '@/parts/Notice'
import { useChange } from '@/parts/useChange'
import { KitNav } from '@/places/kit/KitNav'
import { Overrules } from './Overrules'

/** Where good people disagree: each answer with why its people hold it. */
export function SchoolPage() {
  const { data, error } = useQuery(school())
  const change = useSchoolChange()
  if (error && !data) return <Lost problem={error} />
  if (!data) return <Waiting />
  const save = (body: Partial<Schemas['SchoolRequest']>, onKept?: () => void) =>
    change.mutate({ version: data.version, ...body }, { onSuccess: () => onKept?.() })

  return (
    <>
      <Heading
        title="School"
        says="Where good people disagree, you choose once. Plan, prices and defaults follow; any one tool may differ."
      />
      <KitNav />
      {change.error && (
        <p role="alert" className="mb-3 font-bold text-red">
          {change.error.message}
        </p>
      )}
      <div className="grid gap-x-10 gap-y-4 md:grid-cols-2 xl:grid-cols-3">
        {data.questions.map((question) => (
          <Question
            key={question.id}
            question={question}
            busy={change.isPending}
            onAnswer={(answer) => save({ answers: { [question.id]: answer } })}
          />
        ))}
      </div>
      <Overrules rows={data.overrules} onDecide={(overrule, onKept) => save({ overrule }, onKept)} />
    </>
  )
}

function useSchoolChange() {
  const queries = useQueryClient()
  return useChange(
    (body: Schemas['SchoolRequest']) => answered(client.PUT('/api/kit/school', { body })),
    (state) => queries.setQueryData(school().queryKey, state),
  )
}

interface QuestionProps {
  question: Schemas['SchoolQuestion']
  busy: boolean
  onAnswer: (answer: string) => void
}

function Question({ question, busy, onAnswer }: QuestionProps) {
  return (
    <section className="border-t-2 border-ink pt-1">
      <h2 className="text-lg" id={`school-${question.id}`}>
        {question.asks}
      </h2>
      <RadioGroup.Root
        aria-labelledby={`school-${question.id}`}
        value={question.answer}
        disabled={busy}
        onValueChange={onAnswer}
      >
        {question.answers.map((answer) => (
          <RadioGroup.Item
            key={answer.id}
            value={answer.id}
            data-read
            className="group flex w-full items-baseline gap-3 border-t border-rule py-1.5 text-left hover:bg-wood"
          >
            <span
              aria-hidden
              className={clsx(
                'relative top-0.5 size-3.5 shrink-0 rounded-full border-2 border-ink',
                'group-data-[state=checked]:bg-ink print:group-data-[state=checked]:border-[7px]',
              )}
            />
            <span className="min-w-0 grow wrap-anywhere">
              <span className="group-data-[state=checked]:font-bold">{answer.name}</span>
              <span className="block text-sm text-soft">{answer.because}</span>
            </span>
            {answer.outline && (
              <span className="flex w-[80px] shrink-0 justify-center self-center" aria-hidden>
                <ToolWithin outline={answer.outline} width={76} height={36} most={0.4} />
              </span>
            )}
          </RadioGroup.Item>
        ))}
      </RadioGroup.Root>
    </section>
  )
}
