// The tables; everybody else asks for them here. Those of rows and records are made from their descriptions.
export * from './schema/studio.js'
export * from '../model/rowTables.js'
export * from '../model/recordTables.js'
export * from './schema/pictures.js'
export * from './schema/ledger.js'
export * from './schema/library.js'
export * from './schema/catalog.js'
