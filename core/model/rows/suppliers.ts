import { array, string, type InferType } from 'yup'
import { minorField, rowSchema } from '../checks.js'
import { data, minor, note, ppm, text } from '../field.js'
import { defineRow, type RowOf } from '../row.js'

/** What delivery costs from a size of order on. */
const bandSchema = rowSchema(() => ({
  fromMinor: minorField('Orders from'),
  feeMinor: minorField('Delivery'),
}))
export type DeliveryBand = InferType<ReturnType<typeof bandSchema>>
const bands = () =>
  array(bandSchema().required())
    .typeError('Delivery bands must be a list.')
    .max(12, 'Delivery bands: at most twelve.')
    .required('Delivery bands are missing. Give a list, empty for none.')

const columnSchema = rowSchema(() => ({
  header: string().max(120).defined(),
  field: string().max(40).defined(),
}))
const columns = () =>
  array(columnSchema().required())
    .typeError('Columns must be a list.')
    .max(60, 'Columns: at most sixty.')
    .required('Columns are missing. Give a list, empty for none.')

/** Where things are bought: its terms, and how it is reached. Shared by all jobs of the studio. */
export const suppliers = defineRow({
  name: 'suppliers',
  table: 'supplier',
  stage: 'source',
  of: 'studio',
  singular: 'a supplier',
  order: ['name', 'id'],
  fields: {
    name: text('Supplier'),
    note: note('Note', 400),
    /** The least an order must come to; 0 for none. */
    minOrderMinor: minor('Minimum order').starts(0),
    /** What is kept back of goods that are returned. */
    restockPpm: ppm('Restocking fee').starts(0),
    /** Delivery of a whole order by its size: the last band that the goods reach counts. None: each option has its own. */
    deliveryBands: data('Delivery bands', bands).starts([]),
    /** Which column of its lists means what, remembered from the last import. */
    columns: data('Columns', columns).starts([]),
    /** The catalog it is reached by, by the name the server knows; empty for none. */
    catalog: note('Catalog', 40),
  },
})
export type Supplier = RowOf<typeof suppliers.fields>
