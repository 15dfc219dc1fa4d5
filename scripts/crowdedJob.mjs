// The jobs the bench opens, made of the demo's own: plain data in, plain data out, so that a test can run it too.

const KEPT = ['walls', 'openings', 'ceilings', 'finishes', 'people']
const KINDS = ['armchair', 'side table', 'plant', 'chair', 'low table', 'shelves']

/** The demo's first job file as a hall with 150 pieces standing in it, and nothing that names what is not there. */
export function hallOf150(file) {
  const bare = Object.fromEntries(
    Object.entries(file).map(([name, value]) => [
      name,
      Array.isArray(value) && !KEPT.includes(name) ? [] : value,
    ]),
  )
  const pieces = Array.from({ length: 150 }, (_, i) => ({
    ...file.pieces[0],
    id: `piece ${i}`,
    name: `Piece ${i + 1}`,
    kind: KINDS[i % KINDS.length],
    widthMm: 500,
    depthMm: 450,
    heightMm: 700,
    stays: false,
    wallId: null,
    serves: [],
    there: true,
  }))
  return {
    ...bare,
    brief: { ...file.brief, roomName: 'Hall of 150', schemeId: null },
    walls: file.walls.map((wall, i) => ({ ...wall, lengthMm: i % 2 ? 12_000 : 14_000 })),
    pieces,
    floorPlacements: pieces.map((p, i) => ({
      id: `stand ${i}`,
      pieceId: p.id,
      optionId: null,
      number: 1,
      xMm: 700 + (i % 13) * 1_000,
      yMm: 900 + Math.floor(i / 13) * 900,
      turnDeg: 0,
      raisedMm: 0,
      parked: false,
    })),
  }
}

/** The one item and option that twenty thousand entries hang on, as one group of changes. */
export function carpetTiles(demo, itemId, optionId) {
  const { version: _v, ...item } = demo.items.find((i) => !i.chosenOptionId)
  const { version: _w, ...option } = demo.options[0]
  const nothing = [
    'aimFinishId',
    'focalPointId',
    'wallId',
    'finishId',
    'chosenOptionId',
    'plannedOptionId',
    'forItemId',
  ]
  const free = Object.fromEntries(nothing.map((field) => [field, null]))
  return [
    {
      collection: 'items',
      id: itemId,
      add: { ...item, ...free, serves: [], level: null, id: itemId, name: 'Carpet tiles' },
    },
    {
      collection: 'options',
      id: optionId,
      add: { ...option, id: optionId, itemId, supplierId: null, partOfId: null, photoId: null },
    },
  ]
}

/**
 * A hundred orders of one line each, each paid in some parts.
 * Parameters: studio, job, item, option, member, how many parts.
 */
export const HUNDRED_ORDERS = `
  with o as (insert into purchase_order (studio_id, job_id, id, number, supplier_name, placed_on, deposit_minor, note)
      select $1, $2, gen_random_uuid(), n, 'Supplier ' || n, date '2026-01-01' + n, 0, '' from generate_series(1, 100) n returning id, number, placed_on),
    l as (insert into order_line (studio_id, job_id, id, order_id, item_id, option_id, item_name, option_name, category, quantity, amount_minor, tax_minor)
      select $1, $2, gen_random_uuid(), id, $3, $4, 'Tiles ' || number, 'Lot ' || number, 'surfaces', 1, 1000000, 0 from o returning id, order_id)
  insert into ledger_entry (studio_id, job_id, event_id, kind, line_id, amount_minor, tax_minor, quantity, "on", means, note, member_id, estimated, update_id)
    select $1, $2, gen_random_uuid(), case when n = 0 then 'order' else 'payment' end, l.id, case when n = 0 then 1000000 else 100 + n end, 0,
      case when n = 0 then 1 else 0 end, o.placed_on + n, case when n = 0 then null else 'bank' end, 'part ' || n, $5, false, ''
    from l join o on o.id = l.order_id, generate_series(0, $6::int) n`
