import type { Finding, Rule } from '../../../findings/finding.js'
import { put } from '../../../model/changes.js'
import type { EarlyTask, InstallFacts } from '../installFacts.js'

const NAME = 'install.too-early'

/** What others fixed for a day on which what it waits for is not over: hung before the last coat is dry, fitted before it came. */
export const tooEarly: Rule<InstallFacts> = {
  name: NAME,
  title: 'Agreed before what it waits for',
  numbers:
    'A day that is agreed with others, before the task, the drying or the delivery it waits for is over. Between coats of wall paint 4 hours, filler and primer over night, adhesive 24 h, grout 48 h, new paint 28 days before anything sticks to it, lacquer 5 days; the finish’s own word first.',
  source: 'common practice; the maker’s sheet goes first',
  schools: 'all',
  check: (facts) => facts.early.map((e) => finding(e, facts)),
}

const WHY: Readonly<Record<EarlyTask['wait']['why'], string>> = {
  order: 'What is done afterwards undoes it, or is done round it.',
  dries: 'Dust and hands mark what is wet; it is done twice.',
  hardens: 'Dry is not hard: what sticks to it lifts it, what leans on it marks it.',
  arrives: 'Whoever comes for it goes away again, and is paid for the day.',
  'building work': 'Decoration waits for building work, or hides it.',
}

function finding(e: EarlyTask, { says, about, today }: InstallFacts): Finding {
  const { task, firstDay } = e
  const day = (iso: string) => says.day(iso, today)
  const until = e.wait.why === 'dries' ? 'dry on' : e.wait.why === 'hardens' ? 'hard on' : 'over on'
  const { row } = task.task
  return {
    rule: NAME,
    severity: e.wait.why === 'hardens' ? 'look' : 'stop',
    about: about(task),
    title: `${task.task.name}: too early`,
    measured: `agreed for ${day(task.start.day)}; ${e.waitsFor}: ${until} ${day(e.overOn)}`,
    wanted: firstDay === undefined ? 'after that has come' : `not before ${day(firstDay)}`,
    because: WHY[e.wait.why],
    fixes:
      row && firstDay !== undefined
        ? [{ label: `Ask for ${day(firstDay)}`, changes: [put('tasks', row.id, { onDay: firstDay })] }]
        : [],
  }
}
