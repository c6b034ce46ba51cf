/** A stop of the tour: where it is, what is shown there, and what to try. */
export interface Stop {
  station: 'cloth' | 'top' | 'tally' | 'cut' | 'sew'
  /** What is outlined. */
  target: string
  title: string
  says: string
  try: string
}

export const STOPS: readonly Stop[] = [
  {
    station: 'cloth',
    target: '[data-entry]',
    title: 'Cloth: what lies on your shelf',
    says: 'Lots are typed as you would say them, and read back to you before they are put down.',
    try: 'Type: 3 fat quarters teal. Nothing is put down before you press the button.',
  },
  {
    station: 'top',
    target: '[role="application"]',
    title: 'Top: the quilt on the wall',
    says: 'This is Lantern Street, one of our quilts. It is yours to change. Every step can be taken back, at the top right.',
    try: 'Press a block and R: it turns. Drag it by the yellow dots: it grows, and says what there would be to buy.',
  },
  {
    station: 'top',
    target: '[data-dress]',
    title: 'Dress the block',
    says: 'A background, a dark, a light: one choice for each dresses every block of the kind.',
    try: 'Choose another fabric for the background, or drag one from the tray onto a patch.',
  },
  {
    station: 'top',
    target: '[aria-label="What to see of the top"]',
    title: 'Setting and borders, counts, and judging',
    says: 'How the blocks are set and what goes round them. How many units there are of each kind, and what is too close in value.',
    try: 'Open Borders and change a width. The sizes follow, finished and unfinished.',
  },
  {
    station: 'tally',
    target: '[data-in-short]',
    title: 'Tally: the answer first',
    says: 'How many units by which method, from which squares, what to buy, what is left, and how long it takes.',
    try: 'Press a sentence: how it was worked out opens below it.',
  },
  {
    station: 'tally',
    target: '[data-cloth]',
    title: 'The account of each fabric',
    says: 'What is needed, what lies on the shelf and what is left of it, piece by piece.',
    try: 'Point at a band: where its pieces go lights up in the small top.',
  },
  {
    station: 'cut',
    target: '[aria-label^="How "]',
    title: 'Cut: each fabric to scale',
    says: 'The cuts in order, with a slip for every heap. On a tablet each step fills the screen.',
    try: 'Tick a step, or press “At the table”.',
  },
  {
    station: 'sew',
    target: '[aria-label="The card"]',
    title: 'Sew: a card for each batch',
    says: 'How it is sewn, the sizes to check, which way to press, and a tally of what is made and spoiled.',
    try: 'Press 1: one set is made. What is spoiled is made again, and the account knows it.',
  },
]
