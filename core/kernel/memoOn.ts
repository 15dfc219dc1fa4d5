/**
 * Keeps what was last made, for as long as everything it was made of is the same object. Rows are never changed in place,
 * so the same lists give the same result.
 *
 * @param make called with the inputs when one of them is another than last time
 */
export function memoOn<const Inputs extends readonly unknown[], Made>(
  make: (...inputs: Inputs) => Made,
): (...inputs: Inputs) => Made {
  let last: { readonly inputs: Inputs; readonly made: Made } | undefined
  return (...inputs) => {
    if (last?.inputs.length === inputs.length && last.inputs.every((input, i) => Object.is(input, inputs[i])))
      return last.made
    last = { inputs, made: make(...inputs) }
    return last.made
  }
}
