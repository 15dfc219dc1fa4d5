import { rowOf } from '@bonitas/core/model/applyChanges'
import { plainName } from '@bonitas/core/model/cascade'
import { isCollection, rowDef, type Collection } from '@bonitas/core/model/registry'
import type { JobSnapshot } from '@bonitas/core/model/snapshot'
import { shownText, type Locale } from './fieldText.js'
import { formatterOf } from '@bonitas/core/kernel/units/formatter'
import { t } from './words.js'

/** What a field is called, as a person reads it. */
export const fieldLabel = (collection: Collection, field: string): string =>
  rowDef(collection).fields[field]?.label ?? field

/** A stored value as the person would type it: money, lengths and days in their own way, rows by their names. */
export function valueText(
  job: JobSnapshot,
  collection: Collection,
  field: string,
  value: unknown,
  locale: Locale,
): string {
  const about = rowDef(collection).fields[field]
  if (value === null || value === undefined || value === '') return 'nothing'
  if (!about) return JSON.stringify(value)
  const nameOf = (id: unknown) => {
    const to = about.references[0]?.to ?? ''
    const row = isCollection(to) ? rowOf(job, to, String(id)) : undefined
    return row ? plainName(to, row) : t('somethingThatIsGone')
  }
  switch (about.kind) {
    case 'ref':
      return nameOf(value)
    case 'refs':
      return (value as readonly unknown[]).map(nameOf).join(', ') || 'none'
    case 'mm':
      return shownText('length', value, locale)
    case 'minor':
      return shownText('money', value, locale)
    case 'ppm':
      return shownText('percent', value, locale)
    case 'clock':
      return formatterOf(locale).clock(value as number)
    case 'flag':
      return value === true ? 'yes' : 'no'
    case 'day':
      return formatterOf(locale).day(value as string)
    case 'list':
      return (value as readonly string[]).join(', ') || 'none'
    case 'data':
      return Array.isArray(value) ? `${value.length} ${value.length === 1 ? 'entry' : 'entries'}` : 'entered'
    default:
      return typeof value === 'string' ? value : JSON.stringify(value)
  }
}
