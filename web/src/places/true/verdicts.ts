/** A verdict beside its error. */
export const verdicts = {
  within: '✓ Within your tolerance.',
  outside: 'Outside your tolerance.',
  'cannot-tell': '? Can’t tell against your tolerance.',
} as const
