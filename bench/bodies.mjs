// What the load sends: a recipe of twenty lines, the same to be balanced against ten bands, and a
// larder of five thousand rows. Usage: node bodies.mjs http://127.0.0.1:PORT DEMO FOLDER
import { readFileSync, writeFileSync } from 'node:fs'

const [, , base, demo, folder] = process.argv
const { recipe } = await (await fetch(`${base}/api/fillings/plum-ganache`)).json()

// Lines are halved, one after the other, until there are twenty of them.
const lines = () => recipe.operations.reduce((n, op) => n + (op.lines?.length ?? 0), 0)
for (let i = 0; lines() < 20; i = (i + 1) % recipe.operations.length) {
  const op = recipe.operations[i]
  if (!op.lines?.length || op.kind === 'INFUSE') continue
  const half = { ...op.lines[0], amount: op.lines[0].amount / 2 }
  op.lines[0] = half
  op.lines.push({ ...half })
}
const post = async (path, body) =>
  (
    await fetch(base + path, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(body),
    })
  ).json()
const sheet = await post('/api/fillings/sheet', { recipe })
const now = Object.fromEntries(sheet.figures.map((f) => [f.quality, f.figure.value]))

/** Near where it is, but drier: something has to move. */
const wishes = ['FIRMNESS', 'FAT', 'SWEETNESS', 'OIL_SHARE', 'WATER', 'BITTERNESS', 'ENERGY', 'YIELD']
  .concat('SOLID_FAT_SERVING')
  .map((quality) => ({ quality, low: now[quality] * 0.85 - 0.5, high: now[quality] * 1.15 + 0.5 }))
wishes.push({ quality: 'WATER_ACTIVITY', low: 0.5, high: now.WATER_ACTIVITY - 0.02 })

writeFileSync(`${folder}/sheet.json`, JSON.stringify({ recipe }))
writeFileSync(`${folder}/balance.json`, JSON.stringify({ on: { recipe }, locked: [], wishes }))

const [head, ...rows] = readFileSync(`${demo}/ingredients.csv`, 'utf8').trim().split('\n')
const plain = rows.filter((row) => !/^[^,]*,[^,"]*,(dark|milk|white)/.test(row))
const many = Array.from({ length: 5000 }, (_, i) =>
  plain[i % plain.length].replace(/^([^,]*),/, `$1-${i},`),
)
writeFileSync(`${folder}/ingredients.csv`, [head, ...many].join('\n') + '\n')
