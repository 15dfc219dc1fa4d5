import type { Translation } from '../words/wordsOf.js'
import type { english } from './words.js'

/** In German. */
export default {
  theFileIsOver20: 'Die Datei ist über 20 MB groß. Ein hier exportierter Auftrag ist kleiner.',
  nameIsNotAJob: '{name} ist keine Auftragsdatei. Eine wählen, die hier exportiert wurde.',
  studio: 'Studio',
  signOut: 'Abmelden',
  jobs: 'Aufträge',
  importAJob: 'Auftrag importieren',
  exampleRooms: 'Beispielräume',
  exampleRoomsAre:
    'Fertige Räume, einer von jeder Art, mit dem, was das Programm über sie sagt. Eine Kopie ist ein eigener Auftrag: ändern, verderben, einen Ausweg versuchen.',
  openACopy: 'Kopie öffnen',
  openACopyOf: 'Kopie von {name} öffnen',
  kind: 'Art',
  place: 'Ort',
  newJob: 'Neuer Auftrag',
  room: 'Raum',
  budget: 'Budget',
  agreed: 'Vereinbart',
  paid: 'Bezahlt',
  ordered: 'Bestellt',
  chosen: 'Gewählt',
  free: 'Frei',
  install: 'Einrichtung',
  closedJobs: 'Abgeschlossen: {n}',
  closedOn: 'Abgeschlossen am',
  over: 'darüber',
  noDate: 'kein Datum',
  allDone: 'alles getan',
  readyOn: 'fertig {day}',
  orderBy: '{name} bis {day} bestellen',
  stops: '{n} Halt',
  opening: 'Wird geöffnet …',
  agreedBudget: 'Vereinbartes Budget',
  aJobIsOneRoom:
    'Ein Auftrag ist ein Raum eines Kunden mit dem dafür vereinbarten Geld. Hier den ersten öffnen; alles lässt sich später ändern.',
  client: 'Kunde',
  openTheJob: 'Auftrag öffnen',
  clientIsEmpty: 'Der Kunde fehlt. Schreiben, wessen Raum es ist.',
  roomIsEmpty: 'Der Raum fehlt. Schreiben, welcher Raum es ist.',
} satisfies Translation<typeof english>
