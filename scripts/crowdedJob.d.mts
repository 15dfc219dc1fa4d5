export function hallOf150(file: Record<string, unknown>): Record<string, unknown>
export function carpetTiles(demo: object, itemId: string, optionId: string): unknown[]
export const HUNDRED_ORDERS: string
