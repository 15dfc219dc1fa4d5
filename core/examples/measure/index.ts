import type { MeasureFacts } from '../../stages/measure/measureFacts.js'
import type { ExamplesByRule } from '../ruleExamples.js'
import * as runNotClosed from './runNotClosed.js'
import * as runOpen from './runOpen.js'
import * as runCrossed from './runCrossed.js'
import * as diagonalOff from './diagonalOff.js'
import * as pastWall from './pastWall.js'
import * as openingsMeet from './openingsMeet.js'
import * as openingUnmeasured from './openingUnmeasured.js'
import * as northUnknown from './northUnknown.js'
import * as wayInIncomplete from './wayInIncomplete.js'

/** A job that violates each rule of the measure and one that complies with it. */
export const MEASURE_EXAMPLES: ExamplesByRule<MeasureFacts> = {
  'measure.not-closed': runNotClosed,
  'measure.run-open': runOpen,
  'measure.crossed': runCrossed,
  'measure.diagonal-off': diagonalOff,
  'measure.past-wall': pastWall,
  'measure.openings-meet': openingsMeet,
  'measure.opening-unmeasured': openingUnmeasured,
  'measure.north-unknown': northUnknown,
  'measure.way-in-incomplete': wayInIncomplete,
}
