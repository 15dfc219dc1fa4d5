/** What a column of a supplier's list may mean. */
export const TABLE_FIELDS = [
  'item',
  'name',
  'price',
  'currency',
  'width',
  'depth',
  'height',
  'size',
  'pack',
  'lead',
  'returns',
  'delivery',
  'material',
  'stock',
  'number',
  'note',
  'kind',
  'years',
] as const
export type TableField = (typeof TABLE_FIELDS)[number]

/** A column as it was found: where it stands, what its header says, what it is taken for. */
export interface TableColumn {
  readonly index: number
  /** Header text, of both lines where one stands merged over several. */
  readonly header: string
  readonly field: TableField | undefined
  /** Unit or currency that the header names for the whole column. */
  readonly unit: string | undefined
}

const MEANINGS: readonly (readonly [TableField, RegExp])[] = [
  ['currency', /^(currency|curr|ccy|valuta)$/],
  [
    'number',
    /^(number|no|nr|#)\.?$|\b(sku|art(icle)?[ .-]{0,2}(no|nr|number)|item[ .-]{0,2}(no|nr|number)|ref(erence)?|code|ean)\b/,
  ],
  ['item', /^(item|for|need|position|line|room item)$/],
  ['delivery', /\b(delivery (cost|price|charge|fee)|shipping|freight|carriage)\b/],
  ['lead', /\b(lead|delivery (time|days|weeks)|available in|weeks|days)\b/],
  ['returns', /\breturn/],
  ['price', /\b(price|cost|rrp|amount|net|gross|retail|eur|usd|gbp|chf)\b|[€$£]/],
  ['width', /\b(width|wide|w|breadth|length|l)\b/],
  ['depth', /\b(depth|deep|d)\b/],
  ['height', /\b(height|high|h)\b/],
  ['size', /\b(size|dimensions?|dims|measure(s|ments)?)\b/],
  ['pack', /\b(pack(s|age)?|per pack|pcs|pieces|qty per|unit size|moq)\b/],
  ['material', /\b(material|fabric|fibre|fiber|composition|finish)\b/],
  ['stock', /\b(stock|availability|available|inventory)\b/],
  ['years', /\b(years|service life|guarantee|warranty)\b/],
  ['kind', /^(kind|condition|type)$/],
  ['name', /\b(name|product|description|title|article|model|option)\b/],
  ['note', /\b(note|notes|remark|remarks|comment|comments)\b/],
]

const UNITS =
  /[([]?\s*\b(mm|cm|m|in|inch|inches|ft|eur|usd|gbp|chf|sek|jpy|weeks?|wks?|days?)\b\s*[)\]]?|["″]|€|\$|£/i

/** What a header means, and the unit it names; a meaning remembered from the supplier's last list counts before all. */
export function meaningOf(
  header: string,
  remembered: ReadonlyMap<string, string>,
): Pick<TableColumn, 'field' | 'unit'> {
  const plain = header.toLowerCase().replace(/\s+/g, ' ').trim()
  const unit = UNITS.exec(plain)?.[0].replace(/[()[\]\s]/g, '')
  const known = remembered.get(plain)
  if (known !== undefined)
    return {
      field: (TABLE_FIELDS as readonly string[]).includes(known) ? (known as TableField) : undefined,
      unit,
    }
  return { field: MEANINGS.find(([, words]) => words.test(plain))?.[0], unit }
}
