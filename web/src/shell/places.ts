export interface Place {
  name: string
  to: string
  key: string
}

export const places: readonly Place[] = [
  { name: 'Bench', to: '/', key: 'b' },
  { name: 'Kit', to: '/kit', key: 'k' },
  { name: 'Edges', to: '/edges', key: 'e' },
  { name: 'True', to: '/true', key: 't' },
  { name: 'Work', to: '/work', key: 'w' },
  { name: 'Diary', to: '/diary', key: 'd' },
]
