import type { Finding, Rule } from '../../../findings/finding.js'
import type { InstallFacts } from '../installFacts.js'

const NAME = 'install.holding'

/** Everything must go somewhere while the room is empty. */
export const holding: Rule<InstallFacts> = {
  name: NAME,
  title: 'What is carried out does not fit where it goes',
  numbers:
    'The sum of what is carried out, as it stands, against what the holding place takes; told as well while no place is named.',
  source: 'common practice',
  schools: 'all',
  check: ({ clearedMm3, holdingMm3, holdingPlace, says }) => {
    const named = holdingPlace.trim() !== ''
    if (clearedMm3 === 0 || (named && (holdingMm3 === null || clearedMm3 <= holdingMm3))) return []
    const finding: Finding = {
      rule: NAME,
      severity: named ? 'look' : 'note',
      about: [{ kind: 'job', id: 'holding', name: 'Holding place' }],
      title: named
        ? `${holdingPlace} is too small for what is carried out`
        : 'Where does it all go meanwhile?',
      measured: `${says.volume(clearedMm3)} carried out`,
      wanted: named && holdingMm3 !== null ? `at most ${says.volume(holdingMm3)}` : 'a place that takes it',
      because: 'Chaos in the middle: what has no place is in the way of the work, and is carried twice.',
      fixes: [],
      quantity: { value: clearedMm3, better: 'less' },
    }
    return [finding]
  },
}
