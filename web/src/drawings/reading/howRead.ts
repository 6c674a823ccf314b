/** In the title block, while a sheet shows how a reading is taken. */
export const HOW_READ = ['Drawn', 'how it is read'] as const
