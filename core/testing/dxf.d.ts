/** The drawing library the tests read our files back with; it ships no types. */
declare module 'dxf' {
  export class Helper {
    constructor(text: string)
    readonly parsed: {
      readonly entities: readonly {
        readonly type: string
        readonly layer: string
        readonly vertices?: { readonly x: number; readonly y: number }[]
      }[]
    }
  }
}
