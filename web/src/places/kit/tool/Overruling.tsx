import { answered, client, type Schemas } from '@/api/client'
import { Choice } from '@/parts/Choice'
import { overrulesFor, type Overrule } from '@/places/kit/overruleWords'
import { useChange } from '@/parts/useChange'

const NO_SAY = 'as my school has it'

/** What the user holds of this kind of tool, whatever the school says. */
export function Overruling({ page }: { page: Schemas['ToolPage'] }) {
  const decide = useChange((overrule: string) =>
    answered(
      client.PUT('/api/kit/school', {
        body: {
          version: page.settingsVersion,
          overrule: { kind: page.kind.id, overrule: overrule === '' ? null : (overrule as Overrule) },
        },
      }),
    ),
  )
  const options = [
    { value: '', label: `${NO_SAY}: ${page.kind.offered ? 'offered' : 'left out'}` },
    ...overrulesFor(page.kind.making !== null),
  ]

  return (
    <section className="mt-5">
      <h2 className="text-lg">In the plan</h2>
      <Choice
        label={page.kind.name}
        value={page.overrule ?? ''}
        options={options}
        onChange={(overrule) => decide.mutate(overrule)}
      />
      {decide.error && (
        <p role="alert" className="text-sm font-bold text-red">
          {decide.error.message}
        </p>
      )}
    </section>
  )
}
