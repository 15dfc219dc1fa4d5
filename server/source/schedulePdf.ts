import type { DerivedJob } from '@bonitas/core/job/derive'
import type { DerivedItem } from '@bonitas/core/job/deriveItems'
import { scheduledMinor } from '@bonitas/core/job/scheduleRows'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import { makePdf, type PdfDocument } from '../pdf/makePdf.js'
import { formatterOf } from '@bonitas/core/kernel/units/formatter'

type Content = Extract<PdfDocument['content'], unknown[]>

/** The schedule of items on paper. The client's has list prices, and says nothing of trade prices and suppliers. */
export async function schedulePdf(
  job: JobSnapshot,
  derived: DerivedJob,
  reader: 'studio' | 'client',
): Promise<Buffer> {
  const { money, sides } = formatterOf(job.studio)
  const supplierOf = (id: string | null | undefined) => job.suppliers.find((s) => s.id === id)?.name ?? ''
  const size = (o: { widthMm?: number | null; depthMm?: number | null; heightMm?: number | null }) =>
    sides([o.widthMm, o.depthMm, o.heightMm].filter((mm): mm is number => mm != null))
  const priceOf = (i: DerivedItem) => {
    if (!i.chosen)
      return reader === 'studio' && i.item.targetMinor > 0 ? `target ${money(i.item.targetMinor)}` : ''
    return money(scheduledMinor(i, reader))
  }
  const rows = derived.items.map((i) => [
    {
      stack: [
        { text: i.item.name, bold: true },
        { text: i.item.intent, color: '#555555' },
      ],
    },
    String(i.item.quantity),
    i.chosen
      ? { stack: [i.chosen.option.name, { text: size(i.chosen.option), color: '#555555' }] }
      : { text: 'open', color: '#555555' },
    ...(reader === 'studio' ? [supplierOf(i.chosen?.option.supplierId), i.state] : []),
    { text: priceOf(i), alignment: 'right' as const },
  ])
  const head = ['Item', 'Pieces', 'Chosen', ...(reader === 'studio' ? ['Supplier', 'State'] : []), 'Price']
  const content: Content = [
    { text: job.brief.roomName, fontSize: 16, bold: true },
    { text: [job.client.name, job.brief.place].filter(Boolean).join(', '), margin: [0, 2, 0, 2] },
    {
      text:
        reader === 'client'
          ? 'Schedule of items. Prices as listed.'
          : 'Schedule of items, for the studio: landed prices.',
      margin: [0, 0, 0, 10],
    },
    derived.items.length === 0
      ? { text: 'Nothing is in the schedule yet.' }
      : {
          layout: 'lightHorizontalLines',
          table: {
            headerRows: 1,
            widths: ['*', 'auto', '*', ...(reader === 'studio' ? ['auto', 'auto'] : []), 'auto'],
            body: [head.map((text) => ({ text, bold: true })), ...rows],
          },
        },
  ]
  return makePdf({
    pageSize: job.studio.paper,
    pageMargins: 40,
    info: { title: `${job.brief.roomName}, schedule of items` },
    content,
  })
}
