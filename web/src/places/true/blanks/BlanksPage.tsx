import { useQuery } from '@tanstack/react-query'
import { Link, useParams } from 'react-router'
import { blanks, pulse } from '@/api/queries'
import { Heading } from '@/parts/Heading'
import { Lost, Waiting } from '@/parts/Notice'
import { useTyped } from '@/parts/useTyped'
import { TrueNav } from '@/places/true/TrueNav'
import { BlankBench } from './BlankBench'
import { Shelf } from './Shelf'

const WANTED = { purpose: 'blade', length: '', width: '', thickness: '' }

/** The blanks on the shelf: ranked for the piece that is wanted, or one of them by itself. */
export function BlanksPage() {
  const { id } = useParams()
  const unit = useQuery(pulse()).data?.unit ?? 'mm'
  const wanted = useTyped('wanted piece', WANTED, unit, 1, ['length', 'width', 'thickness'])
  const { data, error } = useQuery(blanks({ ...WANTED, ...wanted.values }))
  if (error && !data) return <Lost problem={error} />
  if (!data) return <Waiting />
  const blank = data.blanks.find((one) => String(one.id) === id) ?? null

  return (
    <>
      <Heading
        title={id === undefined ? 'Blanks' : (blank?.name ?? 'A blank for the shelf')}
        says={
          id === undefined
            ? 'The wood on your shelf: which piece moves least through your shop’s year, and why.'
            : 'Measured, looked at, and rested for a week before it becomes a reference.'
        }
      />
      <TrueNav />
      {id === undefined ? (
        <Shelf data={data} values={{ ...WANTED, ...wanted.values }} onChange={wanted.change} />
      ) : (
        <>
          <p className="mb-3">
            <Link to="/true/blanks" className="underline underline-offset-4">
              All blanks
            </Link>
          </p>
          <BlankBench key={id} blank={blank} data={data} unit={unit} />
        </>
      )}
    </>
  )
}
