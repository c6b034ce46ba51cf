import { kept } from '@/shared'

const KEY = 'golden-tally.last-place'
/** More than anyone has on the go. */
const MOST = 50

interface Place {
  quilt: string
  station: string
}

const places = (): Place[] => kept.read<Place[]>(KEY) ?? []

/** Where each quilt was left, the newest first, so that it opens there again. */
export const lastPlace = {
  leaveAt(quilt: string, station: string) {
    kept.write(KEY, [{ quilt, station }, ...places().filter((place) => place.quilt !== quilt)].slice(0, MOST))
  },
  stationOf: (quilt: string) => places().find((place) => place.quilt === quilt)?.station,
  /** The one of these that was looked at last in this browser. */
  newestOf: (quilts: readonly string[]) => places().find((place) => quilts.includes(place.quilt))?.quilt,
}
