import { h, type FunctionalComponent } from 'vue'
import type { OptionKind } from '@bonitas/core/model/vocabulary/buying'
import './axisMark.css'

const SHAPES: Readonly<Record<OptionKind, string>> = {
  new: 'M -6 -6 H 6 V 6 H -6 Z',
  'second-hand': 'M -6.5 0 A 6.5 6.5 0 1 0 6.5 0 A 6.5 6.5 0 1 0 -6.5 0 Z',
  made: 'M 0 -7 L 7 6 L -7 6 Z',
  owned: 'M 0 -7.5 L 7.5 0 L 0 7.5 L -7.5 0 Z',
  placeholder: 'M -6 -6 L 6 6 M -6 6 L 6 -6 M -6 0 A 6 6 0 1 0 6 0 A 6 6 0 1 0 -6 0',
  hired: 'M -7 -4 H 7 V 4 H -7 Z',
}

/** The form that tells the kind of an option, as the path of a mark of 18 by 18 about its middle. */
export const markShape = (kind: OptionKind): string => SHAPES[kind]

interface Mark {
  readonly kind: OptionKind
  readonly chosen: boolean
  readonly fits: boolean
}

/** One option on the axis: form tells the kind, filled is chosen, dotted does not fit. A function, since there are many. */
export const AxisMark: FunctionalComponent<Mark> = ({ kind, chosen, fits }) =>
  h(
    'svg',
    {
      viewBox: '-9 -9 18 18',
      width: 18,
      height: 18,
      'aria-hidden': true,
      class: ['axis-mark', { chosen, unfit: !fits }],
    },
    [h('path', { d: markShape(kind) })],
  )
