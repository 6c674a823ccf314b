import { describe, expect, it } from 'vitest'
import { sentOf, templateOf } from './sawForm'

const values = {
  tpi: '15',
  length: '250 mm',
  use: 'rip',
  state: 'dull',
  hardened: 'no',
  toe: '18',
  toeLength: '40',
}

describe('a saw as it is typed', () => {
  it('sends figures apart from what is chosen', () => {
    expect(sentOf(values)).toEqual({
      figures: { tpi: '15', length: '250 mm', toe: '18', toeLength: '40' },
      use: 'rip',
      state: 'dull',
      hardened: false,
    })
  })
  it('asks for the template of what is typed', () => {
    expect(templateOf(7, values, 'sheets.pdf')).toBe(
      '/api/saws/7/template/sheets.pdf?tpi=15&length=250+mm&toe=18&toeLength=40',
    )
    expect(templateOf(7, { tpi: '15', length: '9', graded: 'yes' }, 'whole.svg')).toContain('&graded=1')
  })
})
