export { default as YieldsPage } from './YieldsPage.vue'
export { default as SizeChartPage } from './SizeChartPage.vue'
