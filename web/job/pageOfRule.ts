/**
 * The page of its stage on which what a rule says can be answered; what is not named here is answered on the first.
 * A finding stands on that page alone, and the others say that it is there.
 */
const PAGES: Readonly<Record<string, string>> = {
  'brief.sentimental-going': 'pieces',
  'brief.staying-moves': 'pieces',
  'brief.constraint-broken': 'constraints',
  'brief.hanging-open': 'constraints',
  'brief.rented-change': 'constraints',
  'brief.strips-overload': 'constraints',
  'brief.tenure-unknown': 'constraints',
  'brief.tip-over-rented': 'constraints',
  'brief.work-blocks': 'constraints',
  'brief.share-outrun': 'money',
  'brief.split-over': 'money',
  'brief.splurge-why': 'money',
  'brief.clipped-load': 'constraints',
  'brief.storage-lost': 'pieces',
  'brief.storage-short': 'pieces',
  'brief.before-pictures': 'pictures',
  'handover.after-pictures': 'pictures',
  'handover.finish-record': 'register',
  'handover.origin-missing': 'register',
  'handover.seen-in-picture': 'pictures',
  'install.holding': 'people',
  'install.lease-end': 'putting-back',
  'install.licensed': 'people',
  'install.naps': 'people',
  'install.original-place': 'putting-back',
  'install.second-pair': 'people',
  'measure.past-wall': 'openings',
  'measure.openings-meet': 'openings',
  'measure.opening-unmeasured': 'openings',
  'measure.way-in-incomplete': 'way-in',
}

/** The path of that page below its stage; empty for the first. */
export const pageOfRule = (rule: string): string => PAGES[rule] ?? ''

/** The rules that are named, for the test that each of them and each page is there. */
export const PLACED_RULES = Object.entries(PAGES)
