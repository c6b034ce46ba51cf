export { default as AlongNote } from './AlongNote.vue'
export { default as CountTyped } from './CountTyped.vue'
export { default as LayoutDrawing } from './LayoutDrawing.vue'
export { useBatches, useCard } from './queries'
