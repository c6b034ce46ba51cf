// Every text that screens, paper and messages can show, with where it stands, in one file: `node words.js` writes it,
// `node words.js --check` says whether it is true. So the whole voice can be read in one sitting.
import { readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { dirname, join, relative } from 'node:path'
import { fileURLToPath } from 'node:url'
import { NodeTypes, parse as parseTemplate } from '@vue/compiler-dom'
import { parse as parseFile } from '@vue/compiler-sfc'

const root = join(dirname(fileURLToPath(import.meta.url)), '..')
const file = join(root, 'docs', 'words.txt')

const filesUnder = (folder, endings) =>
  readdirSync(join(root, folder), { recursive: true })
    .map((name) => join(folder, String(name)))
    .filter((name) => endings.some((ending) => name.endsWith(ending)) && !/\.test\.ts$|schema\.d\.ts$/.test(name))
    .sort()

/** Words as they are read: at least two of them, or one that is a sentence or a name on a button. */
const SAID_ATTRIBUTES = ['aria-label', 'title', 'placeholder', 'label', 'alt']
const tidy = (text) => text.replaceAll(/\s+/g, ' ').trim()
const saysSomething = (text) => /[a-zA-Z]{2}/.test(text) && /[A-Za-z]/.test(text.replaceAll(/\{[^}]*\}/g, ''))

/** String literals of a piece of TypeScript that are read by somebody: those with a space between words. */
function literals(code) {
  const found = []
  for (const match of code.matchAll(/`((?:[^`\\]|\\.)*)`|'((?:[^'\\\n]|\\.)*)'/g)) {
    const text = tidy((match[1] ?? match[2]).replaceAll(/\$\{[^}]*\}/g, '{}').replaceAll("\\'", "'"))
    const isCode = /[<>=]|^[./@]|\bgrid\b|\bflex\b|rounded|^[a-z-]+:/.test(text)
    if (/[a-zA-Z}] [a-zA-Z{]/.test(text) && !isCode) found.push(text)
  }
  return found
}

function ofProp(prop) {
  const isBound = prop.type === NodeTypes.DIRECTIVE
  if (!SAID_ATTRIBUTES.includes(isBound ? prop.arg?.content : prop.name)) return []
  return isBound ? literals(prop.exp?.content ?? '') : [tidy(prop.value?.content ?? '')]
}

function ofNode(node, found) {
  if (node.type === NodeTypes.TEXT) found.push(tidy(node.content))
  if (node.type === NodeTypes.INTERPOLATION) found.push(...literals(node.content.content ?? ''))
  for (const prop of node.props ?? []) found.push(...ofProp(prop))
  for (const child of node.children ?? []) ofNode(child, found)
}

function ofVue(source) {
  const { descriptor } = parseFile(source)
  const found = []
  if (descriptor.template) ofNode(parseTemplate(descriptor.template.content), found)
  found.push(...literals(withoutComments(descriptor.scriptSetup?.content ?? '')))
  return found
}

const withoutComments = (code) => code.replaceAll(/\/\*[\s\S]*?\*\//g, '').replaceAll(/(^|\s)\/\/.*$/gm, '')

/** Literals of Java, those that are joined by + as one, with {} for what is put between. */
function ofJava(source) {
  const code = withoutComments(source)
  const found = []
  let end = -1
  for (const match of code.matchAll(/"((?:[^"\\\n]|\\.)*)"/g)) {
    const between = end < 0 ? '' : code.slice(end, match.index)
    const joined = /^\s*\+\s*$/.test(between) ? '' : /^\s*\+[^;{}"?]*\+\s*$/.test(between) ? '{}' : undefined
    const text = match[1].replaceAll('\\"', '"')
    if (joined !== undefined && found.length) found.push(found.pop() + joined + text)
    else found.push(text)
    end = match.index + match[0].length
  }
  const isCode =
    /^\s*(select|insert|update|delete|create|alter|from|where|and |set |order by)\b|[_=<>\\]|^--|^[\w./-]*\/[\w./{}-]*$/i
  return found.map(tidy).filter((text) => /[a-zA-Z}] [a-zA-Z{]/.test(text) && !isCode.test(text))
}

function allWords() {
  const parts = []
  const add = (name, found) => {
    const once = [...new Set(found.filter(saysSomething))]
    if (once.length) parts.push([`== ${relative('.', name)}`, ...once].join('\n'))
  }
  for (const name of filesUnder('web/src', ['.vue', '.ts'])) {
    const source = readFileSync(join(root, name), 'utf8')
    add(name, name.endsWith('.vue') ? ofVue(source) : literals(withoutComments(source)))
  }
  for (const folder of ['core/src/main/java', 'app/src/main/java']) {
    for (const name of filesUnder(folder, ['.java'])) add(name, ofJava(readFileSync(join(root, name), 'utf8')))
  }
  return parts.join('\n\n') + '\n'
}

const words = allWords()
if (!process.argv.includes('--check')) {
  writeFileSync(file, words)
} else if (readFileSync(file, 'utf8') !== words) {
  console.error('docs/words.txt is not what the screens say now: run ./golden-tally words, and read what has changed')
  process.exit(1)
}
