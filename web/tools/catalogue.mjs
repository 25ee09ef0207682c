// The texts of the interface as they stand in its code: what t, $t and <i18n-t> are given.
import { readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import ts from 'typescript'
import { parse } from 'vue/compiler-sfc'

const SOURCES = fileURLToPath(new URL('../src', import.meta.url))
const SAYING = new Set(['t', '$t', 'counted'])

/** Texts in a piece of code; a text that is put together there cannot be translated. */
function inCode(code, where, found) {
  const file = ts.createSourceFile('code.ts', code, ts.ScriptTarget.Latest, true)
  const visit = (node) => {
    if (ts.isCallExpression(node) && SAYING.has(node.expression.getText())) {
      const alternatives = (given) => {
        if (ts.isStringLiteralLike(given)) found.add(given.text)
        else if (ts.isConditionalExpression(given)) {
          alternatives(given.whenTrue)
          alternatives(given.whenFalse)
        } else if (ts.isTemplateExpression(given)) {
          throw new Error(`${where}: ${given.getText()} is put together, not looked up`)
        }
      }
      if (node.arguments[0]) alternatives(node.arguments[0])
    }
    ts.forEachChild(node, visit)
  }
  visit(file)
}

function inTemplate(node, where, found) {
  for (const prop of node.props ?? []) {
    if (prop.type === 6 && prop.name === 'keypath') found.add(prop.value.content)
    if (prop.arg?.content === 'keypath') inCode(`t(${prop.exp.loc.source})`, where, found)
    // Of a v-for only what it runs over.
    if (prop.exp)
      inCode(prop.forParseResult?.source.loc.source ?? prop.exp.loc.source, where, found)
  }
  if (node.type === 5) inCode(node.content.loc.source, where, found)
  for (const child of node.children ?? []) inTemplate(child, where, found)
}

/** Every text, in order of the alphabet. */
function catalogue() {
  const found = new Set()
  for (const name of readdirSync(SOURCES, { recursive: true })) {
    if (!/\.(vue|ts)$/.test(name) || /\.spec\.ts$|schema\.d\.ts$/.test(name)) continue
    const source = readFileSync(join(SOURCES, name), 'utf8')
    if (name.endsWith('.ts')) inCode(source, name, found)
    else {
      const { template, scriptSetup } = parse(source).descriptor
      if (scriptSetup) inCode(scriptSetup.content, name, found)
      if (template) inTemplate(template.ast, name, found)
    }
  }
  return [...found].sort()
}

const written = join(SOURCES, 'words/en.json')
const now = JSON.stringify(catalogue(), null, 2) + '\n'
if (!process.argv.includes('--check')) {
  writeFileSync(written, now)
} else if (readFileSync(written, 'utf8') !== now) {
  console.error('src/words/en.json is not what the screens say: npm run words')
  process.exitCode = 1
}
