export { default as PaperLinks } from './PaperLinks.vue'
