export { type Entry, type Tap } from './Taps'
export { sendTaps, useStuckTaps, useTaps } from './useTaps'
export { tickedWithTaps, withTaps } from './unconfirmed'
