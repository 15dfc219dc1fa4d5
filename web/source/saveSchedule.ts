import type { DerivedJob } from '@bonitas/core/job/derive'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import { scheduleRows } from '@bonitas/core/job/scheduleRows'
import { t } from './words.js'

/** Saves the schedule as a file, for the studio with all its options or for the client. */
export async function saveSchedule(
  job: JobSnapshot,
  derived: DerivedJob,
  format: 'xlsx' | 'csv',
  reader: 'studio' | 'client',
): Promise<void> {
  const { head, rows } = scheduleRows(job, derived, reader)
  let file: Blob
  if (format === 'csv') {
    const { csvText } = await import('@bonitas/core/kernel/csv/csvText')
    file = new Blob([`\ufeff${csvText([head, ...rows])}`], { type: 'text/csv' })
  } else {
    const { default: exceljs } = await import('exceljs')
    const book = new exceljs.Workbook()
    const sheet = book.addWorksheet(t('schedule'), { views: [{ state: 'frozen', ySplit: 1 }] })
    sheet.addRow(head).font = { bold: true }
    for (const row of rows) sheet.addRow(row)
    sheet.columns.forEach((c, i) => {
      c.width = Math.min(
        48,
        Math.max(10, ...[head, ...rows].slice(0, 200).map((r) => String(r[i] ?? '').length + 2)),
      )
    })
    file = new Blob([await book.xlsx.writeBuffer()], {
      type: 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
    })
  }
  const link = document.createElement('a')
  link.href = URL.createObjectURL(file)
  link.download = `${job.brief.roomName.toLowerCase().replace(/[^a-z0-9]+/g, '-')}-${reader === 'client' ? 'client-' : ''}schedule.${format}`
  link.click()
  URL.revokeObjectURL(link.href)
}
