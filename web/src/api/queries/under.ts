/** Every resource once: its key holds every input, so a change of input is a question of its own. */
export const UNDER = 'bench'
