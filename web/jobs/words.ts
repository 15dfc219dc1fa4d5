import { wordsOf } from '../words/wordsOf.js'

/** What this part of the program says, in English. */
export const english = {
  theFileIsOver20: 'The file is over 20 MB. A job that was exported here is smaller.',
  nameIsNotAJob: '{name} is not a job file. Choose one that was exported here.',
  studio: 'Studio',
  signOut: 'Sign out',
  jobs: 'Jobs',
  importAJob: 'Import a job',
  exampleRooms: 'Example rooms',
  exampleRoomsAre:
    'Rooms that are done, one of each kind, with what the program says of them. A copy is a job of your own: change it, break it, try a way out.',
  openACopy: 'Open a copy',
  openACopyOf: 'Open a copy of {name}',
  kind: 'Kind',
  place: 'Place',
  newJob: 'New job',
  room: 'Room',
  budget: 'Budget',
  agreed: 'Agreed',
  paid: 'Paid',
  ordered: 'Ordered',
  chosen: 'Chosen',
  free: 'Free',
  install: 'Install',
  closedJobs: 'Closed: {n}',
  closedOn: 'Closed',
  over: 'over',
  noDate: 'no date',
  allDone: 'all done',
  readyOn: 'ready {day}',
  orderBy: 'order {name} by {day}',
  stops: '{n} stop | {n} stops',
  opening: 'Opening …',
  agreedBudget: 'Agreed budget',
  aJobIsOneRoom:
    'A job is one room of one client, with the money agreed for it. Open the first one here; everything can be changed later.',
  client: 'Client',
  openTheJob: 'Open the job',
  clientIsEmpty: 'Client is empty. Write it here.',
  roomIsEmpty: 'Room is empty. Write it here.',
} as const

export const t = wordsOf('jobs', english, {
  de: () => import('./words.de.js'),
  hu: () => import('./words.hu.js'),
})
