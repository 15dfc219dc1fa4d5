import type { Product } from '@bonitas/core/stages/source/product'

/** What one catalog answered to a search. */
export interface CatalogResult {
  readonly name: string
  readonly answer?: {
    /** The day its prices are of. */
    readonly asOf: string
    readonly total: number
    readonly products: readonly Product[]
    /** Products that could not be read. */
    readonly unread: number
    /** Set when the supplier is silent and this is what it said before. */
    readonly stale: { readonly why: string; readonly since: string } | null
  }
  readonly trouble?: string
}
