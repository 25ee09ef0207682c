// How long a larder takes to be taken over, new and once more.
// Usage: node larder.mjs http://127.0.0.1:PORT FILE
import { readFileSync } from 'node:fs'

const [, , base, file] = process.argv
const text = readFileSync(file)
for (const pass of ['new', 'once more']) {
  const form = new FormData()
  form.append('files', new Blob([text], { type: 'text/csv' }), 'ingredients.csv')
  const began = performance.now()
  const answer = await fetch(`${base}/api/exchange/import`, { method: 'POST', body: form })
  if (!answer.ok) throw new Error(await answer.text())
  const [{ fresh, changed, same }] = await answer.json()
  const rows = fresh + changed + same
  const seconds = (performance.now() - began) / 1000
  console.log(`larder of ${rows} rows taken over, ${pass}: ${seconds.toFixed(2)} s`)
}
