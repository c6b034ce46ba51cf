export { useBatches } from './queries'
