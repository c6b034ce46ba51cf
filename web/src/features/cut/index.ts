export { default as CutStation } from './CutStation.vue'
export { useCutSheets } from './queries'
