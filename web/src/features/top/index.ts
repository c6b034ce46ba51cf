export { useClothColours } from './useClothColours'
