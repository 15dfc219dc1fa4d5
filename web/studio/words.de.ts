import type { Translation } from '../words/wordsOf.js'
import type { english } from './words.js'

/** In German. */
export default {
  dayTypedDay2MoneyRun: '{day}, eingegeben {day2} · {money} · {run} · {area}',
  country: 'Land',
  currency: 'Währung',
  measures: 'Maße',
  metric: 'Metrisch',
  feetAndInches: 'Fuß und Zoll',
  paper: 'Papier',
  letter: 'Letter',
  timeZone: 'Zeitzone',
  members: 'Mitglieder',
  addAnAssistant: 'Assistenz hinzufügen',
  name: 'Name',
  signInName: 'Anmeldename',
  anAddressSuchAsName: "Eine Adresse wie name{'@'}ort",
  firstPassword: 'Erstes Passwort',
  n10CharactersOrMore: '10 Zeichen oder mehr',
  add: 'Hinzufügen',
  settledWithTheFirstJob: 'mit dem ersten Auftrag festgelegt: seine Beträge sind darin geführt',
  savedEveryPagePaperAnd:
    'Gespeichert. Jede Seite, jedes Papier und jede Datei ist von nun an so geschrieben.',
  allJobs: 'Alle Aufträge',
  studio: 'Studio',
  settingsOfTheStudio: 'Einstellungen des Studios',
  save: 'Speichern',
  languageOfTheInterface: 'Sprache der Oberfläche',
  inThisBrowserEnglishIsComplete:
    'In diesem Browser. Englisch ist vollständig; Deutsch und Ungarisch haben bisher den Rahmen, die Aufträge und das Kassenbuch.',
  onlyTheOwnerOfThe: 'Nur wem das Studio gehört, ändert dies.',
} satisfies Translation<typeof english>
