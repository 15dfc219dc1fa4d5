import { bookOf } from '@bonitas/core/job/handover/book/bookOf'
import { careOf } from '@bonitas/core/job/handover/careOf'
import { deriveJob } from '@bonitas/core/job/derive'
import { derivePlan } from '@bonitas/core/job/derivePlan'
import { deriveInstall } from '@bonitas/core/job/install/deriveInstall'
import { judgeJob } from '@bonitas/core/job/judgeJob'
import { takeoffsOf } from '@bonitas/core/job/takeoffsOf'
import { formatterOf } from '@bonitas/core/kernel/units/formatter'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import sharp from 'sharp'
import { bookFiles } from './bookFiles.js'
import { careCalendar } from './careCalendar.js'
import { setBook } from './setBook.js'
import type { SetPicture } from './setFigures.js'

/** A picture of the job as it is kept. */
export interface KeptPicture {
  readonly id: string
  readonly bytes: Uint8Array
}

export interface BookAsked {
  readonly job: JobSnapshot
  readonly today: string
  readonly form: 'pdf' | 'files'
  readonly pictures: readonly KeptPicture[]
}

/** On paper no picture is wider than a page; at 200 to the inch more is not seen. */
const PRINT_PX = 1_700

/** Makes the book of a job: a PDF, or a ZIP of open files. */
export async function makeBook({ job, today, form, pictures }: BookAsked): Promise<Uint8Array> {
  const derived = deriveJob(job, today)
  const lines = takeoffsOf(job, derived.measure)
  const plan = derivePlan(job, derived, { withFixes: false })
  const findings = [
    ...judgeJob(job, derived, today),
    ...plan.findings,
    ...deriveInstall(job, derived, lines, today).findings,
  ]
  const book = bookOf({ job, derived, plan: plan.facts, lines, findings, today })
  const printed = new Map<string, SetPicture>()
  for (const { id, bytes } of pictures) {
    const { data, info } = await sharp(bytes)
      .resize({ width: PRINT_PX, height: PRINT_PX, fit: 'inside', withoutEnlargement: true })
      .jpeg({ quality: 82 })
      .toBuffer({ resolveWithObject: true })
    printed.set(id, { bytes: data, widthPx: info.width, heightPx: info.height })
  }
  const pdf = await setBook(book, job.studio, printed)
  if (form === 'pdf') return pdf
  const whole = new Map(
    pictures.map(({ id, bytes }): [string, SetPicture] => [
      id,
      {
        bytes: Buffer.from(bytes),
        widthPx: printed.get(id)?.widthPx ?? 0,
        heightPx: printed.get(id)?.heightPx ?? 0,
      },
    ]),
  )
  return bookFiles(book, {
    pdf,
    careIcs: careCalendar(job, careOf(job, today)),
    says: formatterOf(job.studio),
    pictures: whole,
  })
}
