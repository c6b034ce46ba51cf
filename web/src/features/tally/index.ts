export { useTally } from './queries'
