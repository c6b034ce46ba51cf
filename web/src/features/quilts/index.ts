export { default as QuiltList } from './QuiltList.vue'
export { default as QuiltPage } from './QuiltPage.vue'
export { useOpenQuilt, type QuiltDesign } from './useOpenQuilt'
export { useTop } from './queries'
