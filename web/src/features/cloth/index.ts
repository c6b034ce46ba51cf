export { useShelf } from './queries'
export { useShelfActs } from './useShelfActs'
