import { wordsOf } from '../words/wordsOf.js'

/** What this part of the program says, in English. */
export const english = {
  dayTypedDay2MoneyRun: '{day}, typed {day2} · {money} · {run} · {area}',
  country: 'Country',
  currency: 'Currency',
  measures: 'Measures',
  metric: 'Metric',
  feetAndInches: 'Feet and inches',
  paper: 'Paper',
  letter: 'Letter',
  timeZone: 'Time zone',
  members: 'Members',
  addAnAssistant: 'Add an assistant',
  name: 'Name',
  signInName: 'Sign-in name',
  anAddressSuchAsName: "An address such as name{'@'}place",
  firstPassword: 'First password',
  n10CharactersOrMore: '10 characters or more',
  add: 'Add',
  settledWithTheFirstJob: 'settled with the first job: its amounts are kept in it',
  savedEveryPagePaperAnd: 'Saved. Every page, paper and file is written so from now on.',
  allJobs: 'All jobs',
  studio: 'Studio',
  settingsOfTheStudio: 'Settings of the studio',
  save: 'Save',
  languageOfTheInterface: 'Language of the interface',
  inThisBrowserEnglishIsComplete:
    'In this browser. English is complete; German and Hungarian have the frame, the jobs and the Ledger so far.',
  onlyTheOwnerOfThe: 'Only the owner of the studio changes these.',
} as const

export const t = wordsOf('studio', english, {
  de: () => import('./words.de.js'),
  hu: () => import('./words.hu.js'),
})
