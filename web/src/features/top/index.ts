export { useClothColours, useClothPaints } from './useClothColours'
