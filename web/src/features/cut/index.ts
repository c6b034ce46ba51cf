export { default as PieceDiagram } from './PieceDiagram.vue'
export { useCutSheets } from './queries'
export { sharedSheets, stepsOf } from './stacks'
