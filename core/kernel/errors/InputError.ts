/** What a caller got wrong: what it was, where it stood, and how to fix it. Never used for facts about a room. */
export interface InputErrorText {
  /** What is wrong, in one clause, without the field's name: "is not a length". */
  readonly what: string
  /** The field or path the fault sits in: "Length", "options[3].priceMinor". */
  readonly where: string
  /** What to write instead: "Write it as 3.76 m, 376 cm or 12' 4\"." */
  readonly fix: string
}

/** A caller's mistake. The message reads `where what. fix`, fit to stand beside the field. */
export class InputError extends Error {
  readonly what: string
  readonly where: string
  readonly fix: string

  constructor(
    readonly code: string,
    text: InputErrorText,
  ) {
    super(`${text.where} ${text.what}. ${text.fix}`)
    this.name = 'InputError'
    this.what = text.what
    this.where = text.where
    this.fix = text.fix
  }
}
