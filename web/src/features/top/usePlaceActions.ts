import { computed, ref, type Ref } from 'vue'
import type { Schemas } from '@/api/client'
import type { QuiltDesign } from '@/features/quilts'
import {
  type At,
  copyTo,
  mirrored,
  placeAt,
  rowCopied,
  rowMirrored,
  rowsSwapped,
  settingsOwn,
  swapped,
  turned,
  withPlaces,
} from './edit/places'

type Part = Schemas['TopPictureView']['parts'][number]

export interface PlaceActionsOptions {
  design: Readonly<Ref<QuiltDesign>>
  parts: Readonly<Ref<readonly Part[]>>
  /** The part that is chosen. */
  part: Readonly<Ref<Part | undefined>>
  change: (part: Partial<QuiltDesign>) => void
  /** Tells the quilter what became of it. */
  say: (text: string) => void
}

/** Turning, mirroring, copying and exchanging what stands at a place of the wall, or in a whole row. */
export function usePlaceActions({ design, parts, part, change, say }: PlaceActionsOptions) {
  const copied = ref<At>()
  const at = computed<At>(() => ({ row: part.value?.row ?? -1, column: part.value?.column ?? -1 }))
  const isPlace = () => part.value?.kind === 'BLOCK' || part.value?.kind === 'PLAIN_BETWEEN'
  const here = () => placeAt(design.value, at.value)

  const turn = (quarters: 1 | -1) => change(withPlaces(design.value, [turned(here(), quarters)]))
  const mirror = () => change(withPlaces(design.value, [mirrored(here())]))
  const takeOff = () => change(withPlaces(design.value, [settingsOwn(design.value, at.value)]))

  function copy() {
    copied.value = { ...at.value }
    say(`Copied ${part.value?.where}.`)
  }
  function paste() {
    if (copied.value && isPlace()) change(withPlaces(design.value, [copyTo(design.value, copied.value, at.value)]))
  }
  const isThere = (place: At) =>
    parts.value.some((part) => part.kind === 'BLOCK' && part.row === place.row && part.column === place.column)
  function swapWith(which: 'right' | 'below') {
    const other =
      which === 'right'
        ? { row: at.value.row, column: at.value.column + 1 }
        : { row: at.value.row + 1, column: at.value.column }
    if (isThere(other)) change(swapped(design.value, at.value, other))
  }
  const columnsOf = (row: number) =>
    parts.value.filter((part) => part.kind === 'BLOCK' && part.row === row).map((part) => part.column)
  function rowDo(what: 'copy' | 'paste' | 'swap' | 'mirror') {
    const { row } = at.value
    if (what === 'mirror')
      return change(
        rowMirrored(
          design.value,
          row,
          parts.value.filter((part) => part.row === row).map((part) => part.column),
        ),
      )
    if (what === 'copy') return copy()
    const other = what === 'paste' ? copied.value?.row : row + 1
    if (other === undefined) return
    const columns = columnsOf(row).filter((column) => columnsOf(other).includes(column))
    if (columns.length)
      change(
        what === 'paste'
          ? rowCopied(design.value, other, row, columns)
          : rowsSwapped(design.value, row, other, columns),
      )
  }

  return { copied, turn, mirror, takeOff, copy, paste, isThere, swapWith, rowDo }
}
