/**
 * How much is fetched before a page shows: its own code and everything that it imports, with the styles, as it is
 * compressed on the way. More than the limit stops the build. The font is not counted: the page shows before it is there.
 */
import { readFileSync } from 'node:fs'
import { gzipSync } from 'node:zlib'

const LIMIT = 120 * 1024
const OUT = 'target/dist/'
const manifest = JSON.parse(readFileSync(`${OUT}.vite/manifest.json`, 'utf8'))
const entry = Object.keys(manifest).find((name) => manifest[name].isEntry)

function filesOf(name, seen = new Map()) {
  if (seen.has(name)) return seen
  const { file, css = [], imports = [] } = manifest[name]
  seen.set(name, [file, ...css])
  imports.forEach((each) => filesOf(each, seen))
  return seen
}

const pages = Object.keys(manifest).filter((name) => /(Page|Station)\.vue$/.test(name))
const sizes = [entry, ...pages].map((page) => {
  const files = new Set([...filesOf(entry).values(), ...filesOf(page).values()].flat())
  const size = [...files].reduce((sum, file) => sum + gzipSync(readFileSync(OUT + file)).length, 0)
  return { page: page.replace(/.*\//, ''), size }
})
const tooLarge = sizes.filter(({ size }) => size > LIMIT)
for (const { page, size } of tooLarge.length ? tooLarge : [sizes.toSorted((a, b) => b.size - a.size)[0]])
  console.log(`first load: ${page} ${Math.ceil(size / 1024)} kB of ${LIMIT / 1024}`)
if (tooLarge.length || sizes.length < 8) process.exit(1)
