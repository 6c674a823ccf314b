// @vitest-environment jsdom
import { renderHook } from '@testing-library/react'
import { expect, test } from 'vitest'
import { useTitle } from './useTitle'

test('the window is called by its page, and by the program once the page is gone', () => {
  const { rerender, unmount } = renderHook(({ title }) => useTitle(title), {
    initialProps: { title: 'Ladder' },
  })
  expect(document.title).toBe('Ladder – Jack Rest')
  rerender({ title: 'Kit' })
  expect(document.title).toBe('Kit – Jack Rest')
  unmount()
  expect(document.title).toBe('Jack Rest')
})
