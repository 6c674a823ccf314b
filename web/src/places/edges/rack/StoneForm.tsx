import { useQuery } from '@tanstack/react-query'
import { answered, client, Refused, type Schemas } from '@/api/client'
import { stonePreview } from '@/api/queries'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { Complaint } from '@/parts/Keeping'
import { NextStroke } from '@/parts/NextStroke'
import { Overtaken } from '@/parts/Overtaken'
import { PlainField } from '@/parts/PlainField'
import { Readings } from '@/parts/Readings'
import { useChange } from '@/parts/useChange'
import { useTyped } from '@/parts/useTyped'
import { useRemoved } from '@/parts/useRemoved'

interface StoneFormProps {
  rack: Schemas['Rack']
  /** Null: a new one. */
  stone: Schemas['Stone'] | null
  onDone: () => void
}

const NEW = { name: '', medium: 'waterstone', scale: 'jis', designation: '', price: '', lasts: '' }

/** A piece of the rack: what it is, what is printed on it, and what that makes in micrometres. */
export function StoneForm({ rack, stone, onDone }: StoneFormProps) {
  const base = stone ? baseOf(stone) : NEW
  const draft = useTyped(`stone ${stone?.id ?? 'new'}`, base, '', stone?.version ?? 1, [])
  const sent = sentOf(draft.values)
  const preview = useQuery(stonePreview(sent)).data
  const clear = () => {
    draft.clear()
    onDone()
  }
  const keep = useChange(() => save(stone, draft.version, sent), clear)
  const removed = useRemoved('/edges/rack')
  const remove = useChange(
    (version: number) => discard(stone, version),
    (entry) => {
      draft.clear()
      if (entry) removed(entry)
    },
  )
  const refused = keep.error instanceof Refused ? keep.error : null
  const record = preview?.sound ? () => keep.mutate(undefined) : null
  const figure = (name: string) => preview?.figures[name]?.error ?? refused?.about(name)
  const usual = rack.media.find((row) => row.value === sent.medium)?.lasts

  return (
    <>
      {draft.overtaken && stone && <Overtaken name={stone.name} onKeep={draft.keep} onDrop={draft.clear} />}
      <Readings title={stone ? `The ${stone.name}` : 'A new piece'} onRecord={record}>
        <Choice
          label="What it is"
          value={sent.medium}
          options={rack.media}
          onChange={(text) => {
            draft.change('medium', text)
            draft.change('scale', rack.media.find((row) => row.value === text)?.scale ?? sent.scale)
          }}
        />
        <Choice
          label="Its scale"
          value={sent.scale}
          options={rack.scales}
          onChange={(text) => draft.change('scale', text)}
        />
        <PlainField
          label="Printed on it"
          hint={rack.scales.find((row) => row.value === sent.scale)?.example}
          value={sent.designation}
          error={figure('designation')}
          doubt={preview?.figures.designation?.doubt ?? undefined}
          onChange={(text) => draft.change('designation', text)}
        />
        <PlainField
          wide
          label="Called"
          value={sent.name}
          placeholder={preview?.name ?? ''}
          onChange={(text) => draft.change('name', text)}
        />
        <PlainField
          label="Price"
          before="€"
          quantity="money"
          value={sent.price}
          error={refused?.about('price')}
          onChange={(text) => draft.change('price', text)}
        />
        <PlainField
          label="Lasts, in edges"
          value={sent.lasts}
          placeholder={usual ?? ''}
          error={figure('lasts')}
          onChange={(text) => draft.change('lasts', text)}
        />
      </Readings>
      <NextStroke
        says={preview?.particleUm ? `${preview.particleUm} µm, median.` : 'Type what is printed on it.'}
        why={preview?.elsewhere ?? 'Plans choose by particle size, not by the number.'}
      >
        <Button
          writes
          weight="main"
          keys="Ctrl Enter"
          disabled={!record || keep.isPending}
          onClick={() => record?.()}
        >
          {stone ? 'Save' : 'Put it on the rack'}
        </Button>
        <Button onClick={clear}>Leave it</Button>
        {stone && (
          <Button writes disabled={remove.isPending} onClick={() => remove.mutate(stone.version)}>
            Take it off the rack
          </Button>
        )}
      </NextStroke>
      <Complaint problem={keep.error ?? remove.error} besides={['designation', 'price', 'lasts']} />
    </>
  )
}

const sentOf = (values: Readonly<Record<string, string>>): Schemas['StoneFormRequest'] => ({
  name: values.name ?? '',
  medium: values.medium ?? '',
  scale: values.scale ?? '',
  designation: values.designation ?? '',
  price: values.price ?? '',
  lasts: values.lasts ?? '',
})

const baseOf = (stone: Schemas['Stone']) => ({
  name: stone.name,
  medium: stone.medium,
  scale: stone.scale,
  designation: stone.designation,
  price: stone.price === null ? '' : String(stone.price),
  lasts: stone.lastsTyped,
})

function save(stone: Schemas['Stone'] | null, version: number, sent: Schemas['StoneFormRequest']) {
  return stone
    ? answered(
        client.PUT('/api/stones/{stone}', {
          params: { path: { stone: stone.id } },
          body: { ...sent, version },
        }),
      )
    : answered(client.POST('/api/stones', { body: sent }))
}

async function discard(stone: Schemas['Stone'] | null, version: number) {
  return stone
    ? answered(
        client.DELETE('/api/stones/{stone}', { params: { path: { stone: stone.id } }, body: { version } }),
      )
    : null
}
