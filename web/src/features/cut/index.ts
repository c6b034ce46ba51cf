export { useCutSheets } from './queries'
