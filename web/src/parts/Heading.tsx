import { useTitle } from './useTitle'

/** The name of what is on the screen, in the window's title too, and one line about it. */
export function Heading({ title, says }: { title: string; says?: string | undefined }) {
  useTitle(title)
  return (
    <div className="mb-4 md:mb-5">
      <h1 className="text-2xl md:text-[2rem]">{title}</h1>
      {says && <p className="mt-0.5 text-soft">{says}</p>}
    </div>
  )
}
