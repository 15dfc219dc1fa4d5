// The tables, by the stage they belong to; everybody else asks for them here.
export * from './schema/studio.js'
export * from './schema/brief.js'
export * from './schema/measure.js'
export * from './schema/palette.js'
export * from './schema/plan.js'
export * from './schema/source.js'
export * from './schema/ledger.js'
