/** Ways out of one finding that are offered at most, answers apart. */
export const MOST_OFFERED = 3
