import { memo, useEffect, useRef } from 'react'
import { useLocation } from 'react-router'
import { useTitle } from './useTitle'
import { told } from './told'

/** The address whose heading was arrived at last; the first page of all is where the browser puts the focus. */
let arrivedAt: string | null = null

/** The name of what is on the screen, in the window's title too, and one line about it. */
export const Heading = memo(function Heading({ title, says }: { title: string; says?: string | undefined }) {
  useTitle(title)
  const heading = useRef<HTMLHeadingElement>(null)
  const { pathname } = useLocation()
  useEffect(() => {
    // Who reads with the keyboard or by ear begins at the new page's name, not at the link that led to it.
    if (arrivedAt !== null && arrivedAt !== pathname) heading.current?.focus({ preventScroll: true })
    arrivedAt = pathname
  }, [pathname])
  return (
    <div className="mb-4 md:mb-5">
      <h1 ref={heading} tabIndex={-1} className="text-2xl outline-none md:text-[2rem]">
        {title}
      </h1>
      {says && <p className="mt-0.5 max-w-[95ch] text-soft">{told(says)}</p>}
    </div>
  )
})
