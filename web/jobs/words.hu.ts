import type { Translation } from '../words/wordsOf.js'
import type { english } from './words.js'

/** In Hungarian. */
export default {
  theFileIsOver20: 'A fájl nagyobb 20 MB-nál. Az itt exportált munka kisebb.',
  nameIsNotAJob: '{name} nem munkafájl. Válasszon olyat, amelyet itt exportáltak.',
  studio: 'Stúdió',
  signOut: 'Kijelentkezés',
  jobs: 'Munkák',
  importAJob: 'Munka importálása',
  exampleRooms: 'Mintaszobák',
  exampleRoomsAre:
    'Kész szobák, mindenféléből egy, azzal együtt, amit a program mond róluk. A másolat saját munka: alakítható, elrontható, a kiutak kipróbálhatók.',
  openACopy: 'Másolat megnyitása',
  openACopyOf: '{name} másolatának megnyitása',
  kind: 'Fajta',
  place: 'Hely',
  newJob: 'Új munka',
  room: 'Helyiség',
  budget: 'Keret',
  agreed: 'Megállapodott',
  paid: 'Kifizetve',
  ordered: 'Megrendelve',
  chosen: 'Kiválasztva',
  free: 'Szabad',
  install: 'Berendezés',
  closedJobs: 'Lezárva: {n}',
  closedOn: 'Lezárás napja',
  over: 'túllépve',
  noDate: 'nincs dátum',
  allDone: 'minden kész',
  readyOn: 'kész: {day}',
  orderBy: '{name} rendelése legkésőbb {day}',
  stops: '{n} akadály',
  opening: 'Megnyitás …',
  agreedBudget: 'Megállapodott keret',
  aJobIsOneRoom:
    'Egy munka egy ügyfél egy helyisége a rá szánt pénzzel. Itt nyissa meg az elsőt; később minden változtatható.',
  client: 'Ügyfél',
  openTheJob: 'Munka megnyitása',
  clientIsEmpty: 'Az ügyfél üres. Írja be, kié a helyiség.',
  roomIsEmpty: 'A helyiség üres. Írja be, melyik az.',
} satisfies Translation<typeof english>
