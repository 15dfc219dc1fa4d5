import type { Finding, Rule } from '../../../findings/finding.js'
import type { InstallFacts } from '../installFacts.js'

const NAME = 'install.into-kept'

/** Hidden work that opens a face which stays. */
export const intoKept: Rule<InstallFacts> = {
  name: NAME,
  title: 'Pipe or cable into a wall whose face stays',
  numbers: 'Hidden work in a wall of tile, paper, stone or timber that nothing makes anew.',
  source: 'common practice',
  schools: 'all',
  check: ({ intoKept: found, about }) =>
    found.map(({ task, wall, face }): Finding => ({
      rule: NAME,
      severity: 'look',
      about: [...about(task).filter((r) => r.kind !== 'wall' && r.kind !== 'job'), wall],
      title: `${task.task.name}: through what stays`,
      measured: `${wall.name}: ${face}, not made anew`,
      wanted: 'a face that is made anew, spare pieces that match, or a fitting fed from outside',
      because:
        'Hidden comes before visible: what is cut open is seen for good where it cannot be closed again.',
      fixes: [],
    })),
}
