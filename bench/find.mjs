// How long anything takes to be found among some 20 000 ingredients and 5 000 pieces, and how long
// their lists take to be paged. Run after larder.mjs has brought the ingredients.
// Usage: node find.mjs http://127.0.0.1:PORT
const [, , base] = process.argv
const PIECES = 5000

const head = 'id,kind,name,mould,couverture,shell_mm,head_room_mm,layers.1.filling'
const rows = Array.from(
  { length: PIECES },
  (_, i) => `bench-piece-${i},moulded,Bench piece ${i},half-28,dark-66,1.6,1.8,plum-ganache`,
)
const form = new FormData()
form.append('files', new Blob([[head, ...rows].join('\n')]), 'pieces.csv')
let began = performance.now()
const brought = await fetch(`${base}/api/exchange/import`, { method: 'POST', body: form })
if (!brought.ok) throw new Error(await brought.text())
console.log(`${PIECES} pieces imported: ${((performance.now() - began) / 1000).toFixed(1)} s`)

const asked = (n) => [
  ['anything', `/api/find?q=${encodeURIComponent(['plum', 'piece 49', 'but', 'sirup', '12'][n % 5])}`],
  ['ingredients', `/api/ingredients?find=${'aeiou'[n % 5]}&page=${n % 40}&size=24`],
  ['pieces', `/api/pieces?find=piece%20${n % 90}&size=40`],
]
const took = {}
for (let n = 0; n < 120; n++) {
  for (const [what, path] of asked(n)) {
    began = performance.now()
    const answer = await fetch(base + path)
    await answer.text()
    if (!answer.ok) throw new Error(`${path}: ${answer.status}`)
    if (n >= 20) (took[what] ??= []).push(performance.now() - began)
  }
}
for (const [what, list] of Object.entries(took)) {
  list.sort((a, b) => a - b)
  const at = (share) => list[Math.min(list.length - 1, Math.floor(share * list.length))].toFixed(1)
  console.log(`${what} among 25 000 (ms): p50 ${at(0.5)}, p95 ${at(0.95)}, slowest ${at(1)}`)
}
