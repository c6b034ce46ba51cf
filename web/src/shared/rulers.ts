import type { Schemas } from '@/api/client'

type Settings = Schemas['SettingsTyped']

/** What the marks of a ruler are called. */
export const rulerName = (system: Settings['system'], grid: Settings['grid']) =>
  RULERS[system].find((ruler) => ruler.grid === grid)?.label ?? ''

/** The rulers to choose from in either system, finest first. */
export const RULERS: Record<Settings['system'], { grid: Settings['grid']; label: string }[]> = {
  INCH: [
    { grid: 'SIXTEENTH_INCH', label: '1/16 in' },
    { grid: 'EIGHTH_INCH', label: '1/8 in' },
    { grid: 'QUARTER_INCH', label: '1/4 in' },
    { grid: 'HALF_INCH', label: '1/2 in' },
  ],
  CENTIMETRE: [
    { grid: 'MILLIMETRE', label: '0.1 cm' },
    { grid: 'HALF_CENTIMETRE', label: '0.5 cm' },
  ],
}
