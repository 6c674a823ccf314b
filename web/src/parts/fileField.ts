/** How a field for a file looks: its button like the others. */
export const FILE_FIELD =
  'w-full min-w-0 file:mr-3 file:min-h-9 file:cursor-pointer file:border file:border-ink file:bg-sheet file:px-3'
