/** A line, polygon or label of a small drawing, in a box of 100 by 60. */
export interface Mark {
  points: string
  /** Cloth A or B, a seam, a line that is drawn or cut, a seam allowance. */
  as: 'A' | 'B' | 'seam' | 'drawn' | 'cut' | 'allowance' | 'arrow'
}

export interface Word {
  term: string
  /** Other words for it, and its other forms, that lead here. */
  also: readonly string[]
  says: string
  drawing?: readonly Mark[]
}

const square = (x: number, y: number, side: number) =>
  `${x},${y} ${x + side},${y} ${x + side},${y + side} ${x},${y + side}`

/** One name for one thing, in one voice; the same words stand on every page. */
export const WORDS: readonly Word[] = [
  {
    term: 'finished',
    also: ['finished size'],
    says: 'What shows once everything is sewn: a size without its seam allowances. Blocks, borders and tops are designed in finished sizes.',
    drawing: [
      { points: square(25, 5, 50), as: 'allowance' },
      { points: square(31, 11, 38), as: 'A' },
    ],
  },
  {
    term: 'unfinished',
    also: ['unfinished size'],
    says: 'A block or top as it is sewn so far, with its outer seam allowances: finished and twice the seam. A block of 8 in finished measures 8 1/2 in unfinished.',
    drawing: [
      { points: square(25, 5, 50), as: 'A' },
      { points: square(31, 11, 38), as: 'seam' },
    ],
  },
  {
    term: 'cut',
    also: ['cut size'],
    says: 'What the ruler says when the fabric is cut, before anything is sewn to it.',
    drawing: [
      { points: square(25, 5, 50), as: 'A' },
      { points: '25,5 75,5', as: 'cut' },
      { points: '75,5 75,55', as: 'cut' },
    ],
  },
  {
    term: 'raw',
    also: ['raw size'],
    says: 'What a unit measures as it comes from the sewing, before it is trimmed. It must be no smaller than the trimmed size.',
  },
  {
    term: 'trimmed',
    also: ['trimmed size', 'to trim'],
    says: 'What a unit is cut down to once it is sewn and pressed, so that all are equal: its finished size and twice the seam.',
    drawing: [
      { points: square(22, 2, 56), as: 'allowance' },
      { points: '25,5 75,5 25,55', as: 'A' },
      { points: '75,5 75,55 25,55', as: 'B' },
      { points: square(25, 5, 50), as: 'cut' },
    ],
  },
  {
    term: 'seam',
    also: ['seam allowance', 'allowance'],
    says: 'The strip between the stitches and the edge. A quarter inch, or 0.75 cm, unless you say otherwise. It is set with the top.',
    drawing: [
      { points: square(15, 8, 44), as: 'A' },
      { points: square(48, 8, 44), as: 'B' },
      { points: '53,8 53,52', as: 'seam' },
    ],
  },
  {
    term: 'triangle',
    also: ['triangles'],
    says: 'A patch with three sides. Most are never cut as triangles: they come of squares that are sewn and cut apart.',
    drawing: [{ points: '25,52 75,52 25,5', as: 'A' }],
  },
  {
    term: 'unit',
    also: ['units'],
    says: 'The smallest thing that is sewn and then treated as one piece: a half-square triangle, an hourglass, a flying goose. Blocks are made of units.',
    drawing: [
      { points: '25,5 75,5 25,55', as: 'A' },
      { points: '75,5 75,55 25,55', as: 'B' },
    ],
  },
  {
    term: 'pair',
    also: ['pairs'],
    says: 'Two squares laid right sides together, sewn and cut apart into units: two, four or eight of them.',
    drawing: [
      { points: square(20, 8, 44), as: 'B' },
      { points: square(27, 14, 44), as: 'A' },
      { points: '27,58 71,14', as: 'drawn' },
    ],
  },
  {
    term: 'set',
    also: ['sets'],
    says: 'What is taken up at the machine at once and gives units of one kind: a pair, a crossing of two halves, a chain, a strip set.',
  },
  {
    term: 'half-square triangle',
    also: ['half-square triangles'],
    says: 'A square of two triangles, with one seam from corner to corner.',
    drawing: [
      { points: '25,5 75,5 25,55', as: 'A' },
      { points: '75,5 75,55 25,55', as: 'B' },
    ],
  },
  {
    term: 'hourglass',
    also: ['hourglasses', 'quarter-square triangle'],
    says: 'A square of four triangles that meet in the middle. Two half-square triangles are crossed and give two of them.',
    drawing: [
      { points: '25,5 75,5 50,30', as: 'A' },
      { points: '25,55 75,55 50,30', as: 'A' },
      { points: '25,5 25,55 50,30', as: 'B' },
      { points: '75,5 75,55 50,30', as: 'B' },
    ],
  },
  {
    term: 'flying goose',
    also: ['flying geese', 'geese'],
    says: 'A rectangle twice as wide as high: a large triangle, the goose, with two small ones, the sky, in its corners.',
    drawing: [
      { points: '10,50 90,50 50,10', as: 'A' },
      { points: '10,50 10,10 50,10', as: 'B' },
      { points: '90,50 90,10 50,10', as: 'B' },
    ],
  },
  {
    term: 'bias',
    also: ['bias edge', 'bias edges'],
    says: 'The slanting direction of the fabric, between its two straight grains. An edge on the bias stretches: press it, do not push the iron.',
    drawing: [
      { points: square(25, 5, 50), as: 'A' },
      { points: '25,55 75,5', as: 'arrow' },
    ],
  },
  {
    term: 'nest',
    also: ['nesting', 'nests'],
    says: 'Two seams that meet are pressed to opposite sides, so that their ridges lock and the corners meet.',
    drawing: [
      { points: square(10, 8, 40), as: 'A' },
      { points: square(50, 8, 40), as: 'B' },
      { points: '50,8 50,48', as: 'seam' },
      { points: '58,20 44,20', as: 'arrow' },
      { points: '42,38 56,38', as: 'arrow' },
    ],
  },
  {
    term: 'pinked',
    also: ['pinked edge'],
    says: 'Cut in a zigzag, so that it does not fray. A pinked piece may measure up to an eighth of an inch short: measure from the tips inwards.',
    drawing: [{ points: '20,12 26,6 32,12 38,6 44,12 50,6 56,12 62,6 68,12 74,6 80,12 80,54 20,54', as: 'A' }],
  },
  {
    term: 'fat quarter',
    also: ['fat quarters'],
    says: 'Half a yard cut in half across: about 18 in along the fabric and half its width, instead of a long narrow strip.',
    drawing: [
      { points: '10,10 90,10 90,50 10,50', as: 'allowance' },
      { points: '10,10 50,10 50,50 10,50', as: 'A' },
    ],
  },
  {
    term: 'width of fabric',
    also: ['usable width'],
    says: 'From selvage to selvage, without the selvages. Measure it: a bolt that says 44 in often gives 42 in.',
    drawing: [
      { points: '10,15 90,15 90,45 10,45', as: 'A' },
      { points: '12,30 88,30', as: 'arrow' },
    ],
  },
  {
    term: 'sashing',
    also: ['sashing strip'],
    says: 'Strips between the blocks. The small squares where they cross are cornerstones.',
    drawing: [
      { points: square(12, 6, 22), as: 'A' },
      { points: square(40, 6, 22), as: 'A' },
      { points: square(12, 34, 22), as: 'A' },
      { points: square(40, 34, 22), as: 'A' },
      { points: square(34, 28, 6), as: 'B' },
    ],
  },
  {
    term: 'cornerstone',
    also: ['cornerstones', 'stones'],
    says: 'A square where strips of sashing cross, or in the corner of a border.',
  },
  {
    term: 'on point',
    also: ['setting triangle', 'setting triangles'],
    says: 'Blocks that stand on a corner. Setting triangles fill the gaps along the sides and in the corners, cut so that the straight grain lies outside.',
    drawing: [
      { points: '50,5 75,30 50,55 25,30', as: 'A' },
      { points: '25,5 50,5 25,30', as: 'B' },
      { points: '75,5 50,5 75,30', as: 'B' },
    ],
  },
  {
    term: 'school of allowance',
    also: ['room to trim'],
    says: 'How much larger than needed squares are cut: just enough, with a little room to trim, or roomy. Quilters differ. Choose yours under “change how I work” on the Tally.',
  },
  {
    term: 'spare',
    also: ['to spare'],
    says: 'A unit that is made beyond what the top needs, because pairs give two, four or eight at once.',
  },
  {
    term: 'value',
    also: ['lightness'],
    says: 'How light or dark a fabric is, whatever its colour. Two fabrics close in value read as one from across the room. The grey view shows it.',
  },
  {
    term: 'directional print',
    also: ['directional'],
    says: 'A print with an up and a down. Its pieces are never cut turned, so it may take more fabric.',
  },
  {
    term: 'thrifty cutting',
    also: ['thrifty', 'tidy', 'plain'],
    says: 'Plain cutting takes one size a strip, as by hand. Tidy cutting shares strips, thrifty cutting searches longer for less fabric. Both are laid out for you step by step.',
  },
]

/** The entry of a word, whichever of its forms is asked for. */
export function wordOf(asked: string): Word | undefined {
  const plain = asked.trim().toLowerCase()
  return WORDS.find((word) => word.term === plain || word.also.includes(plain))
}

/** Entries that have all the words in them. */
export function find(words: string): readonly Word[] {
  const wanted = words.toLowerCase().split(/\s+/).filter(Boolean)
  return WORDS.filter((word) => {
    const text = [word.term, ...word.also, word.says].join(' ').toLowerCase()
    return wanted.every((each) => text.includes(each))
  })
}
