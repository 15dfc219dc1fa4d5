/** Stands in for the validator of Element Plus's forms: here the schemas judge, so it is never made. */
export default function Validator(): never {
  throw new Error('Fields are judged by the schemas, not by rules of a form.')
}
