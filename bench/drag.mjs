// How long the figures of a recipe of three pots and thirty lines take while an amount is dragged:
// one request after the other, twenty a second, each of another amount, so that nothing is kept.
// Usage: node drag.mjs http://127.0.0.1:PORT SECONDS
const [, , base, seconds] = process.argv;

const put = (pot, lines) => ({
  kind: "ADD",
  pot,
  lines: lines.map(([ingredient, amount]) => ({ ingredient, amount, unit: "g" })),
});
/** Each amount in five parts, as thirty lines of a recipe that was written in stages. */
const parts = (lines) => lines.flatMap(([name, grams]) => Array(5).fill([name, grams / 5]));
const recipe = (cream) => ({
  name: "Dragged",
  style: "PIPED_TRUFFLE",
  pots: ["Ganache", "Purée", "Shards"],
  operations: [
    put(
      1,
      parts([
        ["raspberries", 400],
        ["sugar", 60],
      ]),
    ),
    { kind: "SIEVE", pot: 1 },
    { kind: "BOIL_DOWN", pot: 1, settings: { PERCENT: 25 } },
    put(2, parts([["hazelnuts", 60]])),
    {
      kind: "CARAMELISE",
      pot: 2,
      settings: { TEMPERATURE_C: 175 },
      lines: put(2, parts([["sugar", 90]])).lines,
    },
    { kind: "CRUSH", pot: 2 },
    put(0, parts([["cream-35", cream]])),
    { kind: "BOIL" },
    { kind: "POUR", lines: put(0, parts([["dark-66", 300]])).lines },
    { kind: "BLEND", fromPot: 1, takenPercent: 60 },
    { kind: "FOLD", fromPot: 2, settings: { SIZE_MM: 3 } },
  ],
});
const took = [];
const ends = performance.now() + 1000 * (Number(seconds) + 5);
const counts = performance.now() + 5000;
for (let n = 0; performance.now() < ends; n++) {
  const began = performance.now();
  const answer = await fetch(`${base}/api/fillings/sheet`, {
    method: "POST",
    headers: { "Content-Type": "application/json" },
    body: JSON.stringify({ recipe: recipe(150 + (n % 997) / 5) }),
  });
  const text = await answer.text();
  if (!answer.ok) throw new Error(text);
  const ms = performance.now() - began;
  if (began > counts) took.push(ms);
  await new Promise((done) => setTimeout(done, Math.max(0, 50 - ms)));
}
took.sort((a, b) => a - b);
const at = (share) => took[Math.min(took.length - 1, Math.floor(share * took.length))].toFixed(1);
console.log(
  `dragged, three pots, 30 lines, ${took.length} sheets (ms): p50 ${at(0.5)}, p90 ${at(0.9)}, p99 ${at(0.99)}, slowest ${at(1)}`,
);
