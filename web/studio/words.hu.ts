import type { Translation } from '../words/wordsOf.js'
import type { english } from './words.js'

/** In Hungarian. */
export default {
  dayTypedDay2MoneyRun: '{day}, beírva {day2} · {money} · {run} · {area}',
  country: 'Ország',
  currency: 'Pénznem',
  measures: 'Mértékek',
  metric: 'Metrikus',
  feetAndInches: 'Láb és hüvelyk',
  paper: 'Papír',
  letter: 'Letter',
  timeZone: 'Időzóna',
  members: 'Tagok',
  addAnAssistant: 'Segéd felvétele',
  name: 'Név',
  signInName: 'Bejelentkezési név',
  anAddressSuchAsName: "Olyan cím, mint név{'@'}hely",
  firstPassword: 'Első jelszó',
  n10CharactersOrMore: 'legalább 10 karakter',
  add: 'Hozzáadás',
  settledWithTheFirstJob: 'az első munkával eldőlt: annak összegei ebben vannak',
  savedEveryPagePaperAnd: 'Mentve. Mostantól minden oldal, papír és fájl így íródik.',
  allJobs: 'Minden munka',
  studio: 'Stúdió',
  settingsOfTheStudio: 'A stúdió beállításai',
  save: 'Mentés',
  languageOfTheInterface: 'A felület nyelve',
  inThisBrowserEnglishIsComplete:
    'Ebben a böngészőben. Az angol teljes; németül és magyarul eddig a keret, a munkák és a pénztárkönyv olvasható.',
  onlyTheOwnerOfThe: 'Ezt csak a stúdió tulajdonosa változtathatja.',
} satisfies Translation<typeof english>
