import type { Translation } from '../words/wordsOf.js'
import type { english } from './words.js'

/** In German. */
export default {
  theServerCannotBeReached: 'Der Server ist nicht erreichbar. Starten und diese Seite neu laden.',
  bonitas: 'Bonitas',
  theBenchWhereARoom:
    'Die Werkbank, an der ein Raum vermessen, seine Farben beurteilt, seine Waren gewählt und sein Geld verwaltet wird.',
  signIn: 'Anmelden',
  signInName: 'Anmeldename',
  password: 'Passwort',
  foundAStudio: 'Studio gründen',
  ternTholeIsAMade: 'Tern & Thole ist ein erfundenes Studio mitten in der Arbeit.',
  openTheDemoStudio: 'Beispielstudio öffnen',
  studio: 'Studio',
  yourName: 'Ihr Name',
  anAddressSuchAsName: "Eine Adresse wie name{'@'}ort",
  n10CharactersOrMore: '10 Zeichen oder mehr',
  foundTheStudio: 'Studio gründen',
  backToSignIn: 'Zurück zur Anmeldung',
} satisfies Translation<typeof english>
