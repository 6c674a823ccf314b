import { useEffect } from 'react'

/** The page's own name in the window's title, so that tabs and bookmarks can be told apart. */
export function useTitle(title: string): void {
  useEffect(() => {
    document.title = `${title} – Jack Rest`
    return () => {
      document.title = 'Jack Rest'
    }
  }, [title])
}
