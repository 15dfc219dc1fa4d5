import { order } from './order.js'
import { payment } from './payment.js'
import { delivery } from './delivery.js'
import { returnGoods } from './returnGoods.js'
import { refund } from './refund.js'
import { cancellation } from './cancellation.js'
import { adjustment } from './adjustment.js'
import { charge } from './charge.js'
import { account } from './account.js'
import { orderUpdate } from './orderUpdate.js'
import { changeOrder } from './changeOrder.js'
import { exchange } from './exchange.js'
import { gift } from './gift.js'
import { reversal } from './reversal.js'
import type { AnyAct } from '../act.js'

/** Every act of the ledger. The routes and their test follow from this list. */
export const ACTS: readonly AnyAct[] = [
  order,
  payment,
  delivery,
  returnGoods,
  refund,
  cancellation,
  adjustment,
  charge,
  account,
  orderUpdate,
  changeOrder,
  exchange,
  gift,
  reversal,
]
