// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { cleanup, render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, expect, test, vi } from 'vitest'
import { ImportFile } from './ImportFile'

afterEach(cleanup)

const shown = () =>
  render(
    <QueryClientProvider client={new QueryClient()}>
      <ImportFile what="climate" />
    </QueryClientProvider>,
  )

test('a file that is gone when it is read is told of, and another can be chosen', async () => {
  const gone = new File(['time,rh'], 'shed.csv', { type: 'text/csv' })
  gone.text = vi.fn().mockRejectedValue(new Error('NotFoundError'))
  shown()
  await userEvent.upload(screen.getByLabelText('Import a file'), gone)
  expect((await screen.findByRole('alert')).textContent).toContain('“shed.csv” could not be read')
  expect(screen.getByLabelText('Import a file')).toBeTruthy()
})
