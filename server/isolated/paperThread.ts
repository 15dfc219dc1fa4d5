import { workerData } from 'node:worker_threads'
import { encodePdf } from '../photo/encodePdf.js'
import { answer } from './answer.js'

// A thread that lays the pages of a PDF into a new one.
void answer(() => encodePdf(Buffer.from(workerData as Uint8Array)))
