import { randomUUID } from 'node:crypto'
import { LINE_EVENTS } from '@bonitas/core/model/vocabulary/ledger'
import { noteOrderSchema } from '@bonitas/core/stages/ledger/acts'
import * as t from '../../database/schema.js'
import { conflict, notFound } from '../../http/problem.js'
import { linesWith, tooMuch } from '../lines.js'
import { notEnteredYet } from '../orderUpdates.js'
import { defineAct } from '../act.js'

/** Writes down what was heard of an order or decided of a thing. @throws {Problem} 404, 409 */
export const orderUpdate = defineAct({
  name: 'order event',
  path: 'order-events',
  input: noteOrderSchema,
  async work(tx, act, wish) {
    const lines = await linesWith(tx, act, { orderId: wish.orderId })
    if (lines.length === 0) throw notFound('This order')
    if (LINE_EVENTS.includes(wish.kind) && wish.lineId === null)
      throw tooMuch('lineId', 'Line is missing. Say which thing it is.')
    const line = lines.find((l) => l.line.id === wish.lineId)
    if (wish.lineId && !line) throw notFound('This line')
    if (wish.kind === 'kept' || wish.kind === 'to go back')
      if (line && line.state.hereQuantity <= 0)
        throw conflict(`${line.line.itemName} is not here: there is nothing to decide yet.`)
    if (wish.kind === 'delayed' && !wish.expectedOn)
      throw tooMuch('expectedOn', 'Now expected on is missing. Give the new day.')
    await notEnteredYet(tx, act, wish.orderId, wish.updateId)
    const eventId = randomUUID()
    await tx.insert(t.orderEvent).values({
      studioId: act.studioId,
      jobId: act.jobId,
      id: eventId,
      ...wish,
      updateId: wish.updateId ?? '',
      memberId: act.memberId,
    })
    return { eventId }
  },
})
