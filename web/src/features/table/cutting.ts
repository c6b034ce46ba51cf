import type { Schemas } from '@/api/client'

type Sheets = Schemas['CutView']

/** One step of cutting as a card: what is cut, out of which piece, and where it stands among all. */
export interface CutCard {
  key: string
  cloth: string
  colour: string
  piece: Schemas['PieceSheet']
  text: string
  running: string
  /** Which step of the piece, from 1, of how many. */
  number: number
  of: number
}

/** All steps in the order in which they are cut. */
export function cutCards(sheets: Sheets): CutCard[] {
  return sheets.cloths.flatMap((cloth) =>
    cloth.pieces.flatMap((piece) =>
      piece.steps.map((step, i) => ({
        key: step.key,
        cloth: cloth.name,
        colour: cloth.colour,
        piece,
        text: step.text,
        running: step.running,
        number: i + 1,
        of: piece.steps.length,
      })),
    ),
  )
}

/** Where to begin: at the first step that is not done; after the last one where all are. */
export function firstOpen(cards: readonly CutCard[], isDone: (key: string) => boolean): number {
  const open = cards.findIndex((card) => !isDone(card.key))
  return open < 0 ? cards.length : open
}
