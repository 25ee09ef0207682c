// Three batches of some forty tasks are under way; their entries come one after the other from three
// screens at once. Prints how long each took to be on disk and answered.
import { randomUUID } from "node:crypto";

const [base, seconds] = [process.argv[2], Number(process.argv[3] ?? 20)];
const post = async (path, body) => {
  const answer = await fetch(base + path, {
    method: "POST",
    headers: { "content-type": "application/json" },
    body: JSON.stringify(body),
  });
  if (!answer.ok) throw new Error(`${path}: ${answer.status} ${await answer.text()}`);
  return answer.json();
};

/** Three batches just begun: what is counted is not what a warm-up has filled. */
async function begun() {
  const batches = [];
  for (let i = 0; i < 3; i++) {
    batches.push(
      await post("/api/batches", { id: randomUUID(), piece: "sesame-crackle", moulds: 4 }),
    );
  }
  return batches;
}
const took = [];
async function screen(batch, until, keep) {
  const melt = batch.steps.find((step) => step.kind === "MELT").number;
  for (let n = 0; Date.now() < until; n++) {
    // Readings of the bowl and words, as they come at a bench.
    const entry =
      n % 2
        ? { kind: "REMARK", step: 1, text: "seen" }
        : { kind: "NOTE", step: melt, value: 44 + (n % 40) / 10 };
    const began = performance.now();
    await post(`/api/batches/${batch.summary.id}/entries`, { id: randomUUID(), ...entry });
    if (keep) took.push(performance.now() - began);
    await new Promise((done) => setTimeout(done, 200));
  }
}
async function all(span, keep) {
  const batches = await begun();
  await Promise.all(batches.map((batch) => screen(batch, Date.now() + span, keep)));
  return batches[0].steps.length;
}
await all(20_000, false);
const tasks = await all(seconds * 1000, true);
took.sort((a, b) => a - b);
const at = (share) => took[Math.min(took.length - 1, Math.floor(took.length * share))].toFixed(1);
console.log(
  `entries into three batches of ${tasks} tasks (ms): p50 ${at(0.5)}, p95 ${at(0.95)}, p99 ${at(0.99)}, slowest ${at(1)}; ${took.length} of them`,
);
