export { default as PaperLinks } from './PaperLinks.vue'
export { paperChoice, printed } from './paper'
