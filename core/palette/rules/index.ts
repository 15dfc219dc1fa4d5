import type { Rule } from '../../findings/finding.js'
import type { PaletteFacts } from '../paletteFacts.js'
import { tooManyHues } from './tooManyHues.js'
import { undertoneClash } from './undertoneClash.js'

export const PALETTE_RULES: readonly Rule<PaletteFacts>[] = [undertoneClash, tooManyHues]
