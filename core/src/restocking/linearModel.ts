/** A linear programme, some of whose columns must be whole: what a solver takes. */
export interface LinearModel {
  sense: 'maximize' | 'minimize'
  cost: number[]
  lower: number[]
  upper: number[]
  isWhole: boolean[]
  rows: { lower: number; upper: number; terms: (readonly [column: number, value: number])[] }[]
}

export interface SolveOptions {
  /**
   * After so many nodes of the search the best so far is the answer; 0 for what is found at its root. Nodes and not
   * seconds, so that the same question has the same answer whatever else the machine does.
   */
  nodes: number
  /** A solution to start from, a value for each column. */
  start?: readonly number[]
  /** Hears of every better solution, and of the bound as it stands. */
  improving?: (values: readonly number[], bound: number) => void
}
export interface Solved {
  /** A value for each column; none where there is no solution, or none was found in time. */
  values?: readonly number[]
  /** No solution is better than this. */
  bound: number
  isProven: boolean
}
/** Solves a model; undefined when it was cancelled. */
export type Solve = (model: LinearModel, options: SolveOptions) => Promise<Solved | undefined>

/** Collects columns and rows. */
export class ModelBuilder {
  readonly model: LinearModel

  constructor(sense: LinearModel['sense']) {
    this.model = { sense, cost: [], lower: [], upper: [], isWhole: [], rows: [] }
  }
  column(cost: number, lower: number, upper: number, isWhole: boolean): number {
    const { model } = this
    model.cost.push(cost)
    model.lower.push(lower)
    model.upper.push(upper)
    model.isWhole.push(isWhole)
    return model.cost.length - 1
  }
  row(lower: number, upper: number, terms: LinearModel['rows'][number]['terms']): void {
    if (terms.length) this.model.rows.push({ lower, upper, terms })
  }
}
