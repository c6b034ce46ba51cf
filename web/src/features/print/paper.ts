import { ref, watch } from 'vue'
import { kept } from '@/shared'

export interface PaperChoice {
  /** Empty: as the quilt's measures have it, Letter for inches and A4 for centimetres. */
  paper: '' | 'letter' | 'a4'
  black: boolean
}

const KEPT = 'paper'

/** What this browser prints on, for all quilts. */
export const paperChoice = ref<PaperChoice>({ paper: '', black: false, ...kept.read<Partial<PaperChoice>>(KEPT) })
watch(paperChoice, (now) => kept.write(KEPT, now))

/** Where a sheet is found, on that paper and in that ink. */
export function printed(path: string, { paper, black }: PaperChoice): string {
  const asked = [paper && `paper=${paper}`, black && 'ink=black'].filter(Boolean).join('&')
  return asked ? `${path}?${asked}` : path
}
