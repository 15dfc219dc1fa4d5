import type { Rule, Finding } from '../../../findings/finding.js'
import type { MeasureFacts } from '../measureFacts.js'

export const diagonalOff: Rule<MeasureFacts> = {
  name: 'measure.diagonal-off',
  title: 'A measured diagonal disagrees with the walls',
  numbers: 'Off by more than 10 mm and more than one part in 300 of the diagonal.',
  source: 'common practice',
  schools: 'all',
  check: ({ closure, nameOf, says }) =>
    closure.state !== 'closed'
      ? []
      : closure.diagonals
          .filter((d) => !d.agrees)
          .map((d): Finding => {
            const names = [d.diagonal.fromWallId, d.diagonal.toWallId].map(nameOf)
            return {
              rule: 'measure.diagonal-off',
              severity: 'look',
              about: [{ kind: 'job', id: d.diagonal.id, name: 'Diagonal' }],
              title: `Diagonal ${names.join(' to ')}: ${says.length(Math.abs(Math.round(d.offMm)))} ${d.offMm > 0 ? 'longer' : 'shorter'} than the walls make it`,
              measured: `${says.typed(d.diagonal.lengthMm)} measured, ${says.length(Math.round(d.computedMm))} from the walls`,
              wanted: 'the two alike',
              because: d.corner
                ? `The walls close, so the room is out of square: the corner at the end of ${nameOf(d.corner.wallId)} turns ${d.corner.turnDeg}°, not what was entered.`
                : 'The walls close, so a corner between is not square, or two errors cancel. Measure the other diagonal.',
              fixes: [],
            }
          }),
}
