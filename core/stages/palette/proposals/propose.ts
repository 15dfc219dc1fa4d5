import { ROWS } from '../../../model/registry.js'
import { chroma, deltaE00, type LabD65 } from '../../../kernel/color/lab.js'
import type { Finding } from '../../../findings/finding.js'

import type { Stored } from '../../../model/snapshot.js'
import type { Surface } from '../../../model/vocabulary/surface.js'
import { finishFromSample } from '../library/toFinish.js'
import type { Sample } from '../library/sample.js'
import { rankMetals } from '../metals.js'
import { comparePair } from '../pairs.js'
import {
  labOf,
  paletteFacts,
  roleShares,
  seen,
  type FinishFacts,
  type PaletteFacts,
  type PaletteRows,
} from '../paletteFacts.js'
import { PALETTE_RULES } from '../rules/index.js'
import type { SchemeOverride } from '../../../model/rows/schemeOverrides.js'
import type { Finish } from '../../../model/rows/finishes.js'
import type { FinishAssignment } from '../../../model/rows/finishAssignments.js'
import type { Role } from '../../../model/vocabulary/finish.js'
import { undertone } from '../undertone.js'
import type { SurfaceAreas } from '../surfaceAreas.js'
import { drafts, polar, type Draft } from './drafts.js'
import { choicesFor, sheenFor, slotsOf, type Part, type Slot } from './slots.js'

/** What a palette is proposed for. */
export interface ProposalWish {
  readonly rows: PaletteRows
  readonly areas: SurfaceAreas | undefined
  /** Surfaces that are left as they are: they may not be changed. */
  readonly leave?: readonly Surface[]
  /** True when the walls have a lower part of their own. */
  readonly lowerWall: boolean
  readonly samples: readonly Sample[]
  /** The same seed gives the same proposals. */
  readonly seed: number
  readonly count: number
  readonly progress?: (done: number) => void
  readonly stopped?: () => boolean
}

/** One finish of a proposal and what would wear it. */
export interface ProposedFinish {
  readonly sample: Sample
  readonly role: Role
  readonly surfaces: readonly Surface[]
  readonly pieceIds: readonly string[]
}

/** A whole palette, with what speaks for it. */
export interface Proposal {
  readonly name: string
  readonly finishes: readonly ProposedFinish[]
  /** Everything that would be seen, in its share, what stays included. */
  readonly seen: readonly FinishFacts[]
  readonly shares: ReturnType<typeof roleShares>
  readonly why: readonly string[]
  /** What the rule book would still look at; no stop among them. */
  readonly findings: readonly Finding[]
}

const SCHEME = 'proposal'

const DRAFTS = 110

const AGED_BRASS = polar(58, 36, 86)

/**
 * Whole palettes out of a deck, ranked: none has a stop, the fewest looks first, different from each other.
 * Deterministic for a seed.
 */
export function propose(wish: ProposalWish): Proposal[] {
  const slots = slotsOf(wish)
  if (slots.length === 0) return []
  const choices = new Map(slots.map((s) => [s.part, choicesFor(wish, s)]))
  const list = drafts(wish).slice(0, DRAFTS)
  const found: { proposal: Proposal; cost: number; key: LabD65[]; telling: boolean }[] = []
  for (const [i, draft] of list.entries()) {
    if (wish.stopped?.()) break
    const made = make(wish, slots, choices, draft)
    if (made) found.push(made)
    wish.progress?.((i + 1) / list.length)
  }
  const taken: typeof found = []
  for (const one of found.sort((x, y) => x.cost - y.cost)) {
    if (taken.length >= wish.count) break
    // Two proposals whose telling colors are tints of each other are one.
    const alike = taken.some((t) => t.key.every((lab, k) => near(lab, one.key[k], t.telling)))
    if (!alike) taken.push(one)
  }
  return taken.map((t) => t.proposal)
}

// So many of the nearest samples are held against what is chosen already.
const TRIED = 24

const bare = (finish: Finish): FinishFacts => ({
  finish,
  lab: labOf(finish),
  undertone: undertone(finish.material, labOf(finish)),
  areaMm2: 0,
  share: 0,
  where: [],
})

const asFacts = (sample: Sample): FinishFacts => bare({ ...finishFromSample(sample), id: sample.code })

/** The nearest sample that clashes with nothing chosen before it, best one that is no near miss either. */
function agreeable(near: readonly Sample[], beside: readonly FinishFacts[]): Sample | undefined {
  const judged = near.map((sample) => {
    const facts = asFacts(sample)
    const verdicts = beside.map((o) => comparePair(facts, o).verdict)
    return { sample, clash: verdicts.includes('clashes'), miss: verdicts.includes('near miss') }
  })
  return (judged.find((j) => !j.clash && !j.miss) ?? judged.find((j) => !j.clash) ?? judged[0])?.sample
}

/** The colors by which a proposal is told from another: second and accent, or all when it has neither. */
function keyOf(finishes: readonly ProposedFinish[]): LabD65[] {
  const telling = finishes.filter((f) => f.role === 'second' || f.role === 'accent')
  return (telling.length > 0 ? telling : finishes).map((f) => f.sample.lab)
}

/** Called after its second color and its accent. */
function nameOf(finishes: readonly ProposedFinish[]): string {
  const word = (role: Role) => finishes.find((f) => f.role === role)?.sample.name.split(' ')[0]
  const words = [...new Set([word('second') ?? word('main'), word('accent')].filter((w) => w !== undefined))]
  return words.join(' and ') || 'Palette'
}

const near = (one: LabD65, two: LabD65 | undefined, telling: boolean) =>
  !!two && deltaE00(one, two) < (telling ? 10 : 2.5)

function make(
  wish: ProposalWish,
  slots: readonly Slot[],
  choices: ReadonlyMap<Part, ReturnType<typeof choicesFor>>,
  draft: Draft,
): { proposal: Proposal; cost: number; key: LabD65[]; telling: boolean } | undefined {
  const { kind } = wish.rows.room
  // Tile and stone that stay judge the metals; elsewhere an aged yellow brass agrees with most (common practice).
  const judge = wish.rows.finishes.find(
    (f) => f.role === 'stays' && (f.material === 'tile' || f.material === 'stone'),
  )
  const finishes: ProposedFinish[] = []
  const beside = wish.rows.finishes.filter((f) => f.role === 'stays').map(bare)
  for (const slot of slots) {
    const from = choices.get(slot.part)
    if (!from || from.list.length === 0) continue
    const near =
      slot.part === 'metal'
        ? rankMetals(judge ? labOf(judge) : AGED_BRASS, from.list, (s) => s.lab).slice(0, TRIED)
        : from.index.find(draft.target[slot.part], TRIED).flatMap(({ index }) => from.list[index] ?? [])
    const sample = agreeable(near, beside)
    if (!sample) continue
    beside.push(asFacts(sample))
    const sheen = sheenFor(slot, kind)
    finishes.push({
      sample: sheen ? { ...sample, sheens: [sheen] } : sample,
      role: slot.role,
      surfaces: slot.surfaces,
      pieceIds: slot.pieces.map((p) => p.id),
    })
  }
  // Without a sample that fits there is nothing to propose.
  if (finishes.length === 0) return undefined
  const facts = paletteFacts(rowsWith(wish.rows, finishes), wish.areas, SCHEME)
  const findings = PALETTE_RULES.flatMap((rule) => rule.check(facts))
  // What stays may clash with itself; no palette can fix that, and it is no reason to propose none.
  const ours = (f: Finding) => f.about.length === 0 || f.about.some((a) => a.id.startsWith(SCHEME))
  if (findings.some((f) => f.severity === 'stop' && ours(f))) return undefined
  const looks = findings.filter((f) => f.severity === 'look' && ours(f)).length
  const notes = findings.filter((f) => f.severity === 'note' && ours(f)).length
  const shares = roleShares(facts)
  return {
    cost: 3 * looks + notes + 4 * Math.abs(shares.accent - 0.1),
    key: keyOf(finishes),
    telling: finishes.some((f) => f.role === 'second' || f.role === 'accent'),
    proposal: {
      name: nameOf(finishes),
      finishes,
      seen: seen(facts),
      shares,
      why: reasons(wish, facts, finishes, shares),
      findings: findings.filter((f) => f.severity !== 'stop'),
    },
  }
}

/** The job with the proposal as a scheme of its own over what is shared. */
function rowsWith(rows: PaletteRows, finishes: readonly ProposedFinish[]): PaletteRows {
  const id = (i: number) => `${SCHEME} ${i}`
  const made = finishes.map((f, i): Stored<Finish> => ({
    ...finishFromSample(f.sample, f.role),
    id: id(i),
    version: 1,
  }))
  return {
    ...rows,
    finishes: [...rows.finishes, ...made],
    schemes: [
      { id: SCHEME, position: 0, name: '', note: '', overId: null, retired: false, storedAt: '', version: 1 },
    ],
    finishAssignments: [
      ...rows.finishAssignments.filter((p) => p.schemeId === null),
      ...finishes.flatMap((f, i) =>
        f.surfaces.map((surface): Stored<FinishAssignment> => ({
          ...ROWS.finishAssignments.blank(),
          id: `${SCHEME} ${surface}`,
          surface,
          finishId: id(i),
          schemeId: SCHEME,
          version: 1,
        })),
      ),
    ],
    schemeOverrides: finishes.flatMap((f, i) =>
      f.pieceIds.map((pieceId): Stored<SchemeOverride> => ({
        id: `${SCHEME} ${pieceId}`,
        schemeId: SCHEME,
        pieceId,
        finishId: id(i),
        absent: false,
        costMinor: null,
        version: 1,
      })),
    ),
  }
}

function reasons(
  wish: ProposalWish,
  facts: PaletteFacts,
  finishes: readonly ProposedFinish[],
  shares: ReturnType<typeof roleShares>,
): string[] {
  const { rows } = wish
  const accent = finishes.find((f) => f.role === 'accent')
  const second = finishes.find((f) => f.role === 'second')
  const kept = seen(facts).find((f) => f.finish.role === 'stays' && chroma(f.lab) >= 12)
  const from = (f: ProposedFinish | undefined) =>
    f &&
    rows.sampledColors
      .map((p) => ({
        name: p.name,
        d: Math.hypot(p.labL - f.sample.lab.l, p.labA - f.sample.lab.a, p.labB - f.sample.lab.b),
      }))
      .sort((x, y) => x.d - y.d)[0]
  const lifted = [second, accent].flatMap((f) => {
    const near = from(f)
    return near && near.d < 25 && f
      ? [`${f.sample.name} answers the ${near.name} of what inspires the room`]
      : []
  })
  return [
    ...(kept ? [`its neutrals lean with ${kept.finish.name}, which stays`] : []),
    ...lifted,
    `${[shares.main, shares.second, shares.accent].map((v) => Math.round(100 * v)).join(' / ')} of what can change`,
  ]
}
