import { useQuery } from '@tanstack/vue-query'
import { ref, shallowReactive, watch } from 'vue'
import { call, type Schemas } from '@/api/client'
import { kept } from '@/shared'

export type Print = Schemas['PrintView']['key']

export interface Painted {
  id: string
  colour: string
  print: Print
  /** Whether shapes are lighter than their ground. */
  dark: boolean
}

/** Patterns that something on the page is painted with, by their ids. */
export const painted = shallowReactive(new Map<string, Painted>())

/** Whether fabrics are drawn in their plain colours, whatever their prints. */
const PLAIN_COLOURS = 'golden-tally.plain-colours'
export const plainColours = ref(kept.read<boolean>(PLAIN_COLOURS) ?? false)
watch(plainColours, (plain) => kept.write(PLAIN_COLOURS, plain))

const LIGHTER_THAN = 0.5

/** What a patch of a fabric is filled with: its colour, or the pattern of its print in that colour. */
export function paintOf(colour: string, print: Print | undefined): string {
  if (!print || print === 'PLAIN' || plainColours.value) return colour
  const id = `print-${print}-${colour.replaceAll(/[^a-z0-9]+/gi, '-')}`
  if (!painted.has(id)) painted.set(id, { id, colour, print, dark: lightness(colour) < LIGHTER_THAN })
  return `url(#${id})`
}

/** From 0 to 1, roughly as it is seen; of `lab(…)` as it says. */
export function lightness(colour: string): number {
  const lab = /^lab\(([\d.]+)%/.exec(colour)
  if (lab) return Number(lab[1]) / 100
  const [red, green, blue] = [1, 3, 5].map((at) => parseInt(colour.slice(at, at + 2), 16) / 255)
  return 0.299 * red! + 0.587 * green! + 0.114 * blue!
}

/** What the patches of each fabric of a quilt are filled with, in order. */
export const paintsOf = (colours: readonly string[], prints: readonly Print[]) =>
  colours.map((colour, i) => paintOf(colour, prints[i]))

export const usePrints = () =>
  useQuery({ queryKey: ['prints'], queryFn: () => call('GET', '/api/prints'), staleTime: Infinity })
