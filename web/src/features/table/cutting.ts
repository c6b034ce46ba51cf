import type { Schemas } from '@/api/client'
import { sharedSheets, stepsOf } from '@/features/cut'

type Sheets = Schemas['CutView']

/** One step of cutting as a card: what is cut, out of which piece, and where it stands among all. */
export interface CutCard {
  /** Of the step, and of the like steps of all cloths that lie in the stack. */
  keys: string[]
  cloth: string
  colours: string[]
  piece: Schemas['PieceSheet']
  text: string
  running: string
  /** Where it cuts, on the drawing of the piece. */
  where: Schemas['SheetStep']['where']
  /** Which step of the piece, from 1, of how many. */
  number: number
  of: number
}

/** All steps in the order in which they are cut, stack by stack. */
export function cutCards(sheets: Sheets): CutCard[] {
  return sharedSheets(sheets).flatMap((sheet) =>
    sheet.stacks.flatMap((stack) =>
      stack.cloths[0]!.pieces.flatMap((piece, p) =>
        piece.steps.map((step, i) => ({
          keys: stepsOf(stack, p, i).map((each) => each.key),
          cloth: stack.cloths.length === 1 ? stack.cloths[0]!.name : `${stack.label}, on one another`,
          colours: stack.cloths.map((cloth) => cloth.colour),
          piece,
          text: step.text,
          running: step.running,
          where: step.where,
          number: i + 1,
          of: piece.steps.length,
        })),
      ),
    ),
  )
}

/** Where to begin: at the first step that is not done; after the last one where all are. */
export function firstOpen(cards: readonly CutCard[], isDone: (card: CutCard) => boolean): number {
  const open = cards.findIndex((card) => !isDone(card))
  return open < 0 ? cards.length : open
}
