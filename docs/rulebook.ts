/** Writes docs/rulebook.md from the rules themselves: npm run rulebook. A test compares the two. */
import { writeFileSync } from 'node:fs'
import { rulebookText } from './rulebookText.js'

writeFileSync(new URL('rulebook.md', import.meta.url), rulebookText())
