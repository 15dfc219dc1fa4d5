import type { Finding, Rule } from '../../../findings/finding.js'
import type { StylingFacts } from '../stylingFacts.js'

export const offViewWhere: Rule<StylingFacts> = {
  name: 'handover.off-view-where',
  title: 'Not on view, and nobody knows where',
  numbers:
    'A piece that is not to be on view, stands on no shelf and in no cupboard, and has no place in words.',
  source: 'common practice',
  schools: 'all',
  check: ({ offView }) =>
    offView
      .filter((p) => p.place === '')
      .map((p): Finding => ({
        rule: 'handover.off-view-where',
        severity: 'note',
        about: [{ kind: 'piece', id: p.id, name: p.name }],
        title: `${p.name}: off view, and kept where?`,
        measured: 'no place',
        wanted: 'a shelf behind a door, or a place in words',
        because:
          'Off display is not discarded: what is kept is found again only where somebody wrote it down.',
        fixes: [],
      })),
}
