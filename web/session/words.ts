import { wordsOf } from '../words/wordsOf.js'

/** What this part of the program says, in English. */
export const english = {
  theServerCannotBeReached: 'The server cannot be reached. Start it, then reload this page.',
  bonitas: 'Bonitas',
  theBenchWhereARoom:
    'The bench where a room is measured, its colors judged, its goods chosen and its money kept.',
  signIn: 'Sign in',
  signInName: 'Sign-in name',
  password: 'Password',
  foundAStudio: 'Found a studio',
  ternTholeIsAMade: 'Tern & Thole is a made-up studio in the middle of its work.',
  openTheDemoStudio: 'Open the demo studio',
  studio: 'Studio',
  yourName: 'Your name',
  anAddressSuchAsName: "An address such as name{'@'}place",
  n10CharactersOrMore: '10 characters or more',
  foundTheStudio: 'Found the studio',
  backToSignIn: 'Back to sign in',
} as const

export const t = wordsOf('session', english, {
  de: () => import('./words.de.js'),
  hu: () => import('./words.hu.js'),
})
