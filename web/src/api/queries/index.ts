export * from './bench'
export * from './edges'
export * from './kit'
export * from './true'
