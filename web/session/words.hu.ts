import type { Translation } from '../words/wordsOf.js'
import type { english } from './words.js'

/** In Hungarian. */
export default {
  theServerCannotBeReached: 'A kiszolgáló nem érhető el. Indítsa el, majd töltse újra az oldalt.',
  bonitas: 'Bonitas',
  theBenchWhereARoom:
    'A munkapad, ahol a helyiséget felmérik, színeit megítélik, tárgyait kiválasztják és a pénzét számon tartják.',
  signIn: 'Bejelentkezés',
  signInName: 'Bejelentkezési név',
  password: 'Jelszó',
  foundAStudio: 'Stúdió alapítása',
  ternTholeIsAMade: 'A Tern & Thole egy kitalált stúdió, munkája közepén.',
  openTheDemoStudio: 'A mintastúdió megnyitása',
  studio: 'Stúdió',
  yourName: 'Az Ön neve',
  anAddressSuchAsName: "Olyan cím, mint név{'@'}hely",
  n10CharactersOrMore: 'legalább 10 karakter',
  foundTheStudio: 'A stúdió alapítása',
  backToSignIn: 'Vissza a bejelentkezéshez',
} satisfies Translation<typeof english>
