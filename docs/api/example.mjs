// A program beside the house: what a batch needs, begun, noted and given up, over HTTP.
//
//   node docs/api/example.mjs http://127.0.0.1:8787
//
// It needs no package. Types for a larger one are made from /api/openapi.
import { randomUUID } from 'node:crypto'

const house = process.argv[2] ?? 'http://127.0.0.1:8787'

/** What the house refuses; `type` is what a program goes by, `detail` what a maker reads. */
class Refused extends Error {
  constructor(problem) {
    super(problem.detail)
    this.type = problem.type
  }
}

async function ask(method, path, body, head = {}) {
  const answer = await fetch(house + path, {
    method,
    headers: { 'Content-Type': 'application/json', ...head },
    body: body === undefined ? undefined : JSON.stringify(body),
  })
  const said = await answer.json()
  if (!answer.ok) throw new Refused(said)
  return { said, tag: answer.headers.get('etag') }
}

const number = (value) => Math.round(value * 10) / 10

// Lists come a page at a time.
const { said: pieces } = await ask('GET', '/api/pieces?page=0&size=3')
console.log(`${pieces.total} pieces; the first: ${pieces.items.map((p) => p.name).join(', ')}`)

// Every figure carries its unit, its range and what it rests on.
const piece = pieces.items[0]
const { said: needs } = await ask('GET', `/api/pieces/${piece.id}/needs?pieces=24`)
for (const figure of needs.kept) {
  console.log(`${figure.name}: ${number(figure.value)} ${figure.unit}, by ${figure.basis.formula}`)
}

// Whoever writes chooses the id. Sent again after silence, it is written once.
const order = { id: randomUUID(), piece: piece.id, pieces: 24, fillings: 'READY' }
const { said: begun } = await ask('POST', '/api/batches', order)
await ask('POST', '/api/batches', order)
console.log(`lot ${begun.summary.lot}, ${begun.steps.length} tasks, first ${begun.steps[0].title}`)

// Refusals are told apart by their type, never by their words.
const entries = `/api/batches/${order.id}/entries`
const last = begun.steps.length
try {
  await ask('POST', entries, { id: randomUUID(), kind: 'DONE', step: last })
} catch (refused) {
  if (refused.type !== '/problems/not-now') throw refused
  console.log(`not now: ${refused.message}`)
}

// What two may change carries a version: read with ETag, written with If-Match.
const { said: rules, tag } = await ask('GET', '/api/house')
const { version, ...mine } = rules.rules
await ask('PUT', '/api/house', mine, { 'If-Match': tag })
try {
  await ask('PUT', '/api/house', mine, { 'If-Match': `"${version - 1}"` })
} catch (refused) {
  if (refused.type !== '/problems/stale') throw refused
  console.log(`changed meanwhile: ${refused.message}`)
}

const { said: over } = await ask('POST', entries, {
  id: randomUUID(),
  kind: 'ABANDON',
  step: 1,
  text: 'only an example',
})
console.log(`the batch is ${over.summary.state.toLowerCase()}`)
