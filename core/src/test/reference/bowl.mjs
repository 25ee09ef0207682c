// The bowl of docs/models.md, section Temper, written a second time and solved by another solver
// (odex, after E. Hairer's ODEX). Run by IndependentSolverTest: reads one JSON line, answers one.
import { readFileSync } from 'node:fs'
import { Solver } from 'odex'

const given = JSON.parse(readFileSync(0, 'utf8'))

// Share of cocoa butter, melting point °C, heat of fusion J/mol: docs/models.md, section Solid fat.
const bodies = [
  [0.036, 7.5, 107e3],
  [0.102, 24.4, 75e3],
  [0.19, 48, 60e3],
  [0.422, 39.6, 100e3],
  [0.2, 46.3, 110e3],
]
// Ideal solubility, its balance of what is molten solved by halving.
function exact(t) {
  let low = 0
  let high = 1
  for (let k = 0; k < 60; k++) {
    const l = (low + high) / 2
    let molten = 1 - bodies.reduce((sum, [share]) => sum + share, 0)
    for (const [share, melts, fusion] of bodies) {
      const soluble =
        t >= melts ? Infinity : Math.exp((-fusion / 8.314) * (1 / (t + 273.15) - 1 / (melts + 273.15)))
      molten += Math.min(share, soluble * l)
    }
    if (molten > l) low = l
    else high = l
  }
  return 1 - (low + high) / 2
}
// As the core does: every tenth of a kelvin from −5 °C, straight lines between.
const points = new Map()
const point = (i) => {
  if (!points.has(i)) points.set(i, exact(-5 + i * 0.1))
  return points.get(i)
}
function solid(t) {
  const along = Math.max(0, Math.min(649.999, (t + 5) / 0.1))
  const i = Math.floor(along)
  return point(i) + (along - i) * (point(i + 1) - point(i))
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
