// The bowl of docs/models.md, section Temper, written a second time and solved by another solver
// (odex, after E. Hairer's ODEX). Run by IndependentSolverTest: reads one JSON line, answers one.
import { createRequire } from 'node:module'
import { readFileSync } from 'node:fs'

const require = createRequire(`${process.argv[2]}/package.json`)
const { Solver } = require('odex')
const given = JSON.parse(readFileSync(0, 'utf8'))

const points = [
  [20, 0.76],
  [25, 0.7],
  [27.5, 0.62],
  [30, 0.44],
  [32, 0.2],
  [33, 0.05],
  [34.5, 0],
]
function solid(t) {
  if (t <= 20) return 0.76
  for (let i = 1; i < points.length; i++) {
    const [t0, s0] = points[i - 1]
    const [t1, s1] = points[i]
    if (t < t1) return s0 + ((t - t0) / (t1 - t0)) * (s1 - s0)
  }
  return 0
}

const c = given.constants
function rates(t, s, u) {
  const room = solid(t) - s - u
  let ds = 0
  if (room > 0) {
    ds +=
      c.growth * Math.exp((31.5 - Math.max(t, 15)) / c.width) * s * (s / (s + 3e-4)) * room +
      c.nucleation * given.shear * Math.exp(-(((t - 26.5) / 3) ** 2)) * room
  }
  ds -= Math.max(0, s - solid(t)) / 25
  ds -= c.seedLoss * Math.min(Math.max(t - 32, 0), 6) ** 2.5 * s
  const curve = solid(t + 33.8 - 27.5 + 0.2)
  const left = curve - s - u
  let du = 0
  if (left > 0) {
    du +=
      c.unstableNucleation * (1 + 8 * given.shear) * left +
      c.unstableGrowth * Math.exp((20 - t) / 6) * u * left
  }
  du -= Math.max(0, u - curve) / 25
  const change = t < 32 ? 3e-4 * Math.min(1, Math.max(0, (t - 22) / 4.5)) * u : 0
  return [ds + change, du - change]
}

const { capacity, latentStable, latentUnstable, airWPerK, roomC, watts } = given
const right = (_, [h, s, u]) => {
  const t = (h + latentStable * s + latentUnstable * u) / capacity
  const [ds, du] = rates(t, Math.max(0, s), u)
  return [airWPerK * (roomC - t) + watts, ds, du]
}
const start = [
  capacity * given.startC - latentStable * given.stable - latentUnstable * given.unstable,
  given.stable,
  given.unstable,
]
const solver = new Solver(3)
solver.absoluteTolerance = [1e-4, 1e-12, 1e-12]
solver.relativeTolerance = [1e-12, 1e-12, 1e-12]
solver.maxSteps = 1e6
const end = solver.solve(right, 0, start, given.seconds)
const [h, s, u] = end.y
console.log(
  JSON.stringify([(h + latentStable * s + latentUnstable * u) / capacity, s, u]),
)
