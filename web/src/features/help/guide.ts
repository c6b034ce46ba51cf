/** What each station is for, and what to do there first. */
export const STATIONS = [
  {
    name: 'Cloth',
    is: 'What lies on your shelf: lengths, fat quarters, squares, strips, scraps, packs of prints.',
    first: 'type one line for each lot, as you would say it: 3 fat quarters teal.',
  },
  {
    name: 'Top',
    is: 'The top on the wall: blocks, how they are set, sashing, borders, and which fabric is where.',
    first: 'choose a block and dress it: a background, a dark, a light.',
  },
  {
    name: 'Tally',
    is: 'The answer: how many units by which method, whether the fabric is enough, what to buy, what is left.',
    first: 'read the plan in short. Each sentence opens how it was worked out.',
  },
  {
    name: 'Cut',
    is: 'Each piece of fabric to scale, with its cuts in order and a slip for every heap.',
    first: 'take the first fabric and tick off each step as you cut.',
  },
  {
    name: 'Sew',
    is: 'A card for each batch: how it is made, sizes to check, and what is made and spoiled so far.',
    first: 'sew one, measure it, and tally.',
  },
] as const

export const KEYS = [
  { key: '?', does: 'this page', where: 'anywhere' },
  { key: '↑ ↓ ← →', does: 'choose a place', where: 'wall, block' },
  { key: 'Enter', does: 'build the block that is chosen', where: 'wall' },
  { key: 'R', does: 'turn', where: 'wall, block' },
  { key: 'M', does: 'mirror', where: 'wall, block' },
  { key: '1 – 9', does: 'dress in that fabric', where: 'wall, block' },
  { key: '/', does: 'dress in a fabric by its number or name', where: 'wall' },
  { key: 'P', does: 'the next fabric or patch in it', where: 'wall, block' },
  { key: 'E', does: 'exchange with another place', where: 'wall' },
  { key: 'L', does: 'lock a place', where: 'wall' },
  { key: 'U', does: 'the next unit along an edge', where: 'wall' },
  { key: 'W, Shift W', does: 'the chosen border wider, narrower', where: 'wall' },
  { key: 'Alt → ↓, Alt ← ↑', does: 'a column, a row more, or fewer', where: 'wall' },
  { key: 'G', does: 'grey, to judge values', where: 'wall' },
  { key: '1', does: 'one set made', where: 'Sew' },
  { key: '2 · 3', does: 'one unit, a whole set spoiled', where: 'Sew' },
  { key: '0', does: 'take the last back', where: 'Sew' },
  { key: 'Space, Page Down', does: 'done, and on (a pedal sends the same)', where: 'at the table' },
  { key: 'Page Up, ←', does: 'one card back', where: 'at the table' },
  { key: '→', does: 'one card on, nothing ticked', where: 'at the table' },
] as const
