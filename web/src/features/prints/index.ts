export { lightness, paintOf, paintsOf, plainColours, type Print } from './paints'
export { default as PrintChoice } from './PrintChoice.vue'
export { default as PrintPatterns } from './PrintPatterns.vue'
export { default as PrintSwatch } from './PrintSwatch.vue'
