import type { Finding, Rule } from '../../../findings/finding.js'
import type { RecordFacts } from '../recordFacts.js'

export const seenInPicture: Rule<RecordFacts> = {
  name: 'handover.seen-in-picture',
  title: 'A thing in a picture that nobody bought, owns or was given',
  numbers: 'Marked in a picture, no piece of the room, and nobody has said what it is.',
  source: 'common practice',
  schools: 'all',
  check: ({ unasked }) =>
    unasked.map((ref): Finding => ({
      rule: 'handover.seen-in-picture',
      severity: 'look',
      about: [ref],
      title: `${ref.name || 'A thing'} in a picture: whose is it?`,
      measured: 'no piece of the room',
      wanted: 'a piece of the room, or what it is and whose',
      because: 'What was borrowed for the picture has to go back, and what the client sees they ask for.',
      fixes: [],
    })),
}
