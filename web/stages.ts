/** A page of a stage: where it is, what it is called, and the component that is it. */
export interface PageOfStage {
  /** Its address below the stage; empty for the first. */
  readonly path: string
  /** The title of the window. */
  readonly title: string
  /** The word in the line of pages; a page without one is reached from another. */
  readonly tab?: string
  /** Its component, as a file below `web/`. */
  readonly page: string
}

export interface Stage {
  /** Its place in the order of work, and the key that goes there with Alt. */
  readonly number: number
  readonly path: string
  readonly name: string
  readonly pages: readonly PageOfStage[]
}

/**
 * The one list of stages and pages: the router, the tabs, what the server tells the browser to fetch early, the
 * accessibility test and the screenshots all read it. A new page is a component and a line here.
 */
export const STAGES: readonly Stage[] = [
  {
    number: 1,
    path: 'brief',
    name: 'Brief',
    pages: [
      { path: '', title: 'Brief', tab: 'Who and what', page: 'brief/BriefPage.vue' },
      { path: 'pieces', title: 'Pieces', tab: 'Pieces', page: 'brief/PiecesPage.vue' },
      { path: 'constraints', title: 'Constraints', tab: 'Constraints', page: 'brief/ConstraintsPage.vue' },
      { path: 'schools', title: 'Schools', tab: 'Schools', page: 'brief/SchoolsPage.vue' },
      { path: 'money', title: 'Money', tab: 'Money', page: 'brief/MoneyPage.vue' },
      { path: 'pictures', title: 'Pictures', tab: 'Pictures', page: 'brief/PicturesPage.vue' },
      { path: 'cautions', title: 'Cautions', tab: 'Cautions', page: 'brief/CautionsPage.vue' },
    ],
  },
  {
    number: 2,
    path: 'measure',
    name: 'Measure',
    pages: [
      { path: '', title: 'Measure', tab: 'Walls', page: 'measure/MeasurePage.vue' },
      {
        path: 'openings',
        title: 'Openings and fixtures',
        tab: 'Openings and fixtures',
        page: 'measure/OpeningsPage.vue',
      },
      { path: 'way-in', title: 'Way in', tab: 'Way in', page: 'measure/WayInPage.vue' },
    ],
  },
  {
    number: 3,
    path: 'palette',
    name: 'Palette',
    pages: [
      { path: '', title: 'Palette', tab: 'Finishes', page: 'palette/PalettePage.vue' },
      { path: 'pairs', title: 'Pairs', tab: 'Pairs', page: 'palette/PairsPage.vue' },
      { path: 'light', title: 'Light', tab: 'Light', page: 'palette/LightPage.vue' },
      { path: 'schemes', title: 'Schemes', tab: 'Schemes', page: 'palette/SchemesPage.vue' },
      { path: 'samples', title: 'Samples', tab: 'Samples', page: 'palette/SamplesPage.vue' },
      { path: 'picture', title: 'From a picture', tab: 'From a picture', page: 'palette/PicturePage.vue' },
      { path: 'proposals', title: 'Proposals', tab: 'Proposals', page: 'palette/ProposalsPage.vue' },
      { path: 'board', title: 'Board', tab: 'Board', page: 'palette/BoardPage.vue' },
    ],
  },
  {
    number: 4,
    path: 'plan',
    name: 'Plan',
    pages: [
      { path: '', title: 'Plan', tab: 'Floor', page: 'plan/FloorPage.vue' },
      { path: 'walls', title: 'Walls', tab: 'Walls', page: 'plan/WallPage.vue' },
      { path: 'light', title: 'Light of the plan', tab: 'Light', page: 'plan/LightPage.vue' },
      { path: 'proposals', title: 'Arrangements', tab: 'Arrangements', page: 'plan/ArrangePage.vue' },
      { path: 'distances', title: 'Distances', tab: 'Distances', page: 'plan/DistancesPage.vue' },
    ],
  },
  {
    number: 5,
    path: 'takeoff',
    name: 'Take-off',
    pages: [
      { path: '', title: 'Take-off', tab: 'Paint', page: 'takeoff/TakeoffPage.vue' },
      { path: 'trades', title: 'Take-off of the trades', tab: 'Every trade', page: 'takeoff/TradesPage.vue' },
      {
        path: 'making',
        title: 'Work and what it takes',
        tab: 'Work and consumables',
        page: 'takeoff/MakingPage.vue',
      },
    ],
  },
  {
    number: 6,
    path: 'source',
    name: 'Source',
    pages: [
      { path: '', title: 'Source', tab: 'Axis', page: 'source/SourcePage.vue' },
      { path: 'compare', title: 'Options compared', tab: 'Compare', page: 'source/ComparePage.vue' },
      { path: 'best-set', title: 'The best set', tab: 'Best set', page: 'source/BestSetPage.vue' },
      { path: 'catalogs', title: 'Catalogs', tab: 'Catalogs', page: 'source/CatalogsPage.vue' },
      { path: 'terms', title: 'Suppliers’ terms', tab: 'Terms', page: 'source/TermsPage.vue' },
      { path: 'lists', title: 'Lists', tab: 'Lists', page: 'source/ListsPage.vue' },
    ],
  },
  {
    number: 7,
    path: 'ledger',
    name: 'Ledger',
    pages: [
      { path: '', title: 'Ledger', tab: 'Orders', page: 'ledger/LedgerPage.vue' },
      { path: 'standing', title: 'Where the money stands', tab: 'Standing', page: 'ledger/StandingPage.vue' },
      { path: 'entries', title: 'Entries', tab: 'Entries', page: 'ledger/EntriesPage.vue' },
      { path: 'dates', title: 'Dates', tab: 'Dates', page: 'ledger/DatesPage.vue' },
      { path: 'receipts', title: 'Receipts and invoices', tab: 'Receipts', page: 'ledger/ReceiptsPage.vue' },
      { path: 'claims', title: 'Claims', tab: 'Claims', page: 'ledger/ClaimsPage.vue' },
      { path: 'changes', title: 'Changes of the budget', tab: 'Changes', page: 'ledger/ChangesPage.vue' },
      { path: 'bank', title: 'Bank statement', tab: 'Bank', page: 'ledger/BankPage.vue' },
      { path: 'papers', title: 'Papers', tab: 'Papers', page: 'ledger/PapersPage.vue' },
    ],
  },
  {
    number: 8,
    path: 'install',
    name: 'Install',
    pages: [
      { path: '', title: 'Plan of work', tab: 'Days', page: 'install/DaysPage.vue' },
      { path: 'today', title: 'Today at the room', tab: 'Today', page: 'install/TodayPage.vue' },
      { path: 'people', title: 'People and days', tab: 'People and days', page: 'install/PeoplePage.vue' },
      { path: 'ready', title: 'Will it be ready?', tab: 'Ready?', page: 'install/ReadyPage.vue' },
      {
        path: 'putting-back',
        title: 'Putting back',
        tab: 'Putting back',
        page: 'install/PuttingBackPage.vue',
      },
    ],
  },
  {
    number: 9,
    path: 'handover',
    name: 'Handover',
    pages: [
      { path: '', title: 'Shelves and storage', tab: 'Shelves', page: 'handover/ShelvesPage.vue' },
      {
        path: 'edit',
        title: 'The last edit',
        tab: 'Edit',
        page: 'handover/EditPage.vue',
      },
      {
        path: 'pictures',
        title: 'Before and after',
        tab: 'Pictures',
        page: 'handover/BeforeAfterPage.vue',
      },
      { path: 'register', title: 'Register', tab: 'Register', page: 'handover/RegisterPage.vue' },
      { path: 'care', title: 'Care and seasons', tab: 'Care', page: 'handover/CarePage.vue' },
      { path: 'kept', title: 'What is kept', tab: 'What is kept', page: 'handover/KeptPage.vue' },
      { path: 'book', title: 'The book', tab: 'Book', page: 'handover/BookPage.vue' },
      { path: 'close', title: 'Closing', tab: 'Close', page: 'handover/ClosePage.vue' },
    ],
  },
]

/** The address of a page below its job: `palette/pairs`. */
export const addressOf = (stage: Stage, page: PageOfStage): string =>
  page.path === '' ? stage.path : `${stage.path}/${page.path}`
