/** Writes demo/rooms from the rooms that are done: npm run rooms. A test compares the two. */
import { mkdirSync, writeFileSync } from 'node:fs'
import { exampleRoomFiles } from './exampleRoomFiles.js'

const folder = new URL('../../demo/rooms/', import.meta.url)
mkdirSync(folder, { recursive: true })
for (const [file, text] of exampleRoomFiles()) writeFileSync(new URL(file, folder), text)
