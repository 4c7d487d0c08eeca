import type { LinearModel, Solved, SolveOptions } from './linearModel'

/** The part of the solver HiGHS (as the package `highs` gives it) that is used here. */
export interface HighsLike {
  infinity: number
  constants: {
    objectiveSense: { minimize: unknown; maximize: unknown }
    modelStatus: Record<string, unknown>
    callbackType: { mipImprovingSolution: number }
  }
  createModel(data: never): HighsModelLike
}
interface HighsModelLike {
  options: { set(options: never): unknown }
  info: { get(name: never): unknown }
  run(callbacks?: never): unknown
  setSolution(solution: never): unknown
  getModelStatus(): unknown
  getSolution(): { colValue?: ArrayLike<number> }
  getObjectiveValue(): number
  dispose(): void
}
interface Improving {
  data: { mip_solution?: ArrayLike<number>; mip_dual_bound?: number }
}

/** Larger steps than this are no rounding: a value's gap at which the search ends (values are whole numbers). */
const GAP = { mip_rel_gap: 0, mip_abs_gap: 0.5 }

/**
 * Solves a model to the end, or until its nodes are used up: blocks, so it belongs into a worker. Objectives must be whole
 * numbers, since the search ends when less than half of one is left.
 */
export function solveWithHighs(highs: HighsLike, model: LinearModel, options: SolveOptions): Solved {
  const { nodes, start, improving } = options
  const isWhole = model.isWhole.some(Boolean)
  const solver = highs.createModel(dataOf(highs, model) as never)
  try {
    solver.options.set({ output_flag: false, mip_max_nodes: nodes, random_seed: 0, ...GAP } as never)
    if (start && isWhole) solver.setSolution({ colValue: Float64Array.from(start) } as never)
    const hear = ({ data }: Improving) => {
      if (data.mip_solution) improving?.(Array.from(data.mip_solution), data.mip_dual_bound ?? Infinity)
    }
    solver.run((isWhole ? { [highs.constants.callbackType.mipImprovingSolution]: hear } : undefined) as never)
    const isProven = solver.getModelStatus() === highs.constants.modelStatus.optimal
    const { colValue } = solver.getSolution()
    const bound = isWhole ? Number(solver.info.get('mip_dual_bound' as never)) : solver.getObjectiveValue()
    const hasSolution = Number(solver.info.get('primal_solution_status' as never)) === FEASIBLE
    return { ...(colValue && hasSolution ? { values: Array.from(colValue) } : {}), bound, isProven }
  } finally {
    solver.dispose()
  }
}
/** HiGHS: `kSolutionStatusFeasible`. */
const FEASIBLE = 2

function dataOf({ infinity, constants: { objectiveSense } }: HighsLike, model: LinearModel) {
  const { sense, cost, lower, upper, isWhole, rows } = model
  const starts = new Int32Array(rows.length + 1)
  rows.forEach((row, i) => (starts[i + 1] = starts[i]! + row.terms.length))
  const finite = (value: number) => (Number.isFinite(value) ? value : Math.sign(value) * infinity)
  return {
    numCols: cost.length,
    numRows: rows.length,
    sense: objectiveSense[sense],
    colCost: Float64Array.from(cost),
    colLower: Float64Array.from(lower),
    colUpper: Float64Array.from(upper),
    rowLower: Float64Array.from(rows, (r) => finite(r.lower)),
    rowUpper: Float64Array.from(rows, (r) => finite(r.upper)),
    integrality: Int32Array.from(isWhole, Number),
    matrix: {
      format: 'csr',
      numRows: rows.length,
      numCols: cost.length,
      starts,
      indices: Int32Array.from(rows.flatMap((r) => r.terms.map(([column]) => column))),
      values: Float64Array.from(rows.flatMap((r) => r.terms.map(([, value]) => value))),
    },
  }
}
