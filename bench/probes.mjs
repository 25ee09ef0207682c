// Twenty probes at ten readings a second each, and five screens that follow them: how long from
// sending a reading until each screen has it, and whether any is lost. Loopback only, and it ends
// by itself. Usage: node probes.mjs http://127.0.0.1:PORT SECONDS
const [, , base, secondsText] = process.argv
const seconds = Number(secondsText)
const PROBES = 20
const PER_SECOND = 10
const SCREENS = 5

const post = async (path, body) => {
  const answer = await fetch(base + path, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(body),
  })
  return answer.json()
}

const probes = []
for (let i = 0; i < PROBES; i++) {
  const id = crypto.randomUUID()
  const probe = `measured-${i}-${id}`
  await post('/api/temper/bowls', { id, name: `Bowl ${i}`, couverture: 'dark-66', massG: 3000, probe })
  probes.push({ id, probe })
}

/** When each reading was sent, by bowl and value; values are never the same twice in a bowl. */
const sent = new Map()
const waits = []
let counting = false
const heard = Array.from({ length: SCREENS }, () => new Set())

async function screen(n, signal) {
  const answer = await fetch(`${base}/api/news`, { signal })
  let text = ''
  const decoder = new TextDecoder()
  try {
    for await (const chunk of answer.body) {
      text += decoder.decode(chunk, { stream: true })
      let end
      while ((end = text.indexOf('\n\n')) >= 0) {
        const event = text.slice(0, end)
        text = text.slice(end + 2)
        const data = /^data:(\{.*\})$/m.exec(event)
        if (!data) continue
        const { bowl, celsius } = JSON.parse(data[1])
        for (const c of celsius) {
          const key = `${bowl} ${c.toFixed(3)}`
          const at = sent.get(key)
          if (at === undefined) continue
          heard[n].add(key)
          if (counting) waits.push(performance.now() - at)
        }
      }
    }
  } catch {
    // ended by us
  }
}
const ending = new AbortController()
const screens = heard.map((_, n) => screen(n, ending.signal))
await new Promise((done) => setTimeout(done, 1000))

let refused = 0
async function run(forSeconds) {
  const began = performance.now()
  const open = []
  for (let tick = 0; tick < forSeconds * PER_SECOND; tick++) {
    probes.forEach(({ id, probe }, i) => {
      const due = began + tick * (1000 / PER_SECOND) + i * (1000 / PER_SECOND / PROBES)
      open.push(
        new Promise((done) => setTimeout(done, Math.max(0, due - performance.now()))).then(async () => {
          const v = Number((30 + ((count(id) * 1) % 4000) / 1000).toFixed(3))
          sent.set(`${id} ${v.toFixed(3)}`, performance.now())
          const answer = await post('/api/devices/senml', [
            // the moment it was due: never twice the same for one probe
            { n: probe, u: 'Cel', t: (performance.timeOrigin + due) / 1000, v },
          ])
          if (answer.kept !== 1) refused++
        }),
      )
    })
    await new Promise((done) => setTimeout(done, Math.max(0, began + tick * 100 - performance.now())))
  }
  await Promise.all(open)
  await new Promise((done) => setTimeout(done, 1500))
}
const counts = new Map()
function count(id) {
  counts.set(id, (counts.get(id) ?? 0) + 1)
  return counts.get(id)
}

// The server compiles what it runs often: half a minute before anything is counted.
await run(30)
sent.clear()
heard.forEach((h) => h.clear())
refused = 0
counting = true
await run(seconds)
ending.abort()
await Promise.all(screens)
for (const { id } of probes) await post(`/api/temper/bowls/${id}/end`, {})

waits.sort((a, b) => a - b)
const at = (p) => waits[Math.min(waits.length - 1, Math.floor(p * waits.length))].toFixed(1)
const lost = heard.reduce((all, h) => all + sent.size - h.size, 0)
console.log(
  `readings sent ${sent.size} in ${seconds} s, to ${SCREENS} screens: p50 ${at(0.5)} ms, p90 ${at(0.9)}, p99 ${at(0.99)}, slowest ${at(1)}; lost ${lost}, not kept ${refused}`,
)
