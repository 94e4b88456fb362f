/*
 * Bounded least squares: the point within bounds at which the sum of squared rows is least. Projected coordinate descent to near the
 * end, then one exact solution of the free block (Cholesky), accepted only where the conditions of Karush, Kuhn and Tucker hold;
 * else it descends further. A primal-dual active set alone cycles on some of these problems.
 */

/** A row of the sum: coefficients by variable, and what they have to come to. */
export interface SquaresRow {
  readonly at: readonly (readonly [variable: number, coefficient: number])[];
  readonly equals: number;
}

/** The problem; strictly convex where the rows have full rank. */
export interface BoundedSquares {
  readonly rows: readonly SquaresRow[];
  readonly low: readonly number[];
  /** Not below `low`. */
  readonly high: readonly number[];
}

/** Its answer. */
export interface SquaresAnswer {
  readonly x: readonly number[];
  /** Sum of the squared rows at x. */
  readonly objective: number;
  /** How far one exact step of one coordinate would still move, in the unit of x. */
  readonly residual: number;
  readonly sweeps: number;
}

const NEAR = 1e-3;
const ACCEPTED = 1e-9;
const MOST_SWEEPS = 20_000;
const MOST_ROUNDS = 8;

/** Solves the problem from a start, which is moved within its bounds; throws where a variable has no row or its bounds cross. */
export function solveBoundedSquares(problem: BoundedSquares, start?: readonly number[]): SquaresAnswer {
  const state = new Descent(problem, start);
  let until = NEAR;
  for (let round = 0; round < MOST_ROUNDS; round++) {
    state.descend(until);
    if (state.residual() <= ACCEPTED || (state.solveFree() && state.residual() <= ACCEPTED)) break;
    until /= 100;
  }
  return { x: [...state.x], objective: state.objective(), residual: state.residual(), sweeps: state.sweeps };
}

/** Sum of the squared rows at a point. */
export function squaresAt({ rows }: BoundedSquares, x: readonly number[]): number {
  return rows.reduce((sum, { at, equals }) => {
    const r = at.reduce((s, [j, a]) => s + a * (x[j] as number), -equals);
    return sum + r * r;
  }, 0);
}

class Descent {
  readonly x: Float64Array;
  sweeps = 0;
  private readonly rest: Float64Array;
  private readonly columns: readonly { readonly rows: Int32Array; readonly values: Float64Array }[];
  private readonly curve: Float64Array;

  constructor(
    private readonly problem: BoundedSquares,
    start?: readonly number[],
  ) {
    const n = problem.low.length;
    this.x = Float64Array.from({ length: n }, (_, j) => this.within(j, start?.[j] ?? 0));
    this.columns = columnsOf(problem);
    this.curve = Float64Array.from(this.columns, ({ values }) => values.reduce((s, v) => s + v * v, 0));
    this.curve.forEach((c, j) => {
      if (c === 0) throw new Error(`solveBoundedSquares: variable ${String(j)} has no row`);
    });
    this.rest = new Float64Array(problem.rows.length);
    this.refresh();
  }

  /** Sweeps over the coordinates until none moves further than `until`. */
  descend(until: number): void {
    const n = this.x.length;
    for (let k = 0; k < MOST_SWEEPS; k++) {
      let most = 0;
      for (let j = 0; j < n; j++) most = Math.max(most, this.step(j));
      this.sweeps++;
      if (most <= until) return;
    }
  }

  residual(): number {
    let most = 0;
    for (let j = 0; j < this.x.length; j++) {
      const x = this.x[j] as number;
      most = Math.max(most, Math.abs(x - this.within(j, x - this.slope(j) / (this.curve[j] as number))));
    }
    return most;
  }

  objective(): number {
    return this.rest.reduce((s, r) => s + r * r, 0);
  }

  /** Solves for the variables off their bounds exactly; false, and nothing moved, where the answer leaves the bounds. */
  solveFree(): boolean {
    const { low, high } = this.problem;
    const free: number[] = [];
    this.x.forEach((x, j) => {
      if (x > (low[j] as number) && x < (high[j] as number)) free.push(j);
    });
    const move = cholesky(
      this.normalMatrix(free),
      free.map((j) => -this.slope(j)),
    );
    if (move === null) return false;
    const to = free.map((j, k) => (this.x[j] as number) + (move[k] as number));
    if (to.some((x, k) => x < (low[free[k] as number] as number) || x > (high[free[k] as number] as number)))
      return false;
    free.forEach((j, k) => {
      this.x[j] = to[k] as number;
    });
    this.refresh();
    return true;
  }

  private within(j: number, x: number): number {
    const { low, high } = this.problem;
    const [l, h] = [low[j] as number, high[j] as number];
    if (!(l <= h)) throw new Error(`solveBoundedSquares: bounds of variable ${String(j)} cross`);
    return Math.min(h, Math.max(l, x));
  }

  private slope(j: number): number {
    const { rows, values } = this.columns[j] as (typeof this.columns)[number];
    let g = 0;
    for (let k = 0; k < rows.length; k++) g += (values[k] as number) * (this.rest[rows[k] as number] as number);
    return g;
  }

  private step(j: number): number {
    const x = this.x[j] as number;
    const to = this.within(j, x - this.slope(j) / (this.curve[j] as number));
    const move = to - x;
    if (move === 0) return 0;
    this.x[j] = to;
    const { rows, values } = this.columns[j] as (typeof this.columns)[number];
    for (let k = 0; k < rows.length; k++) {
      const row = rows[k] as number;
      this.rest[row] = (this.rest[row] as number) + (values[k] as number) * move;
    }
    return Math.abs(move);
  }

  private refresh(): void {
    this.problem.rows.forEach(({ at, equals }, i) => {
      this.rest[i] = at.reduce((s, [j, a]) => s + a * (this.x[j] as number), -equals);
    });
  }

  private normalMatrix(free: readonly number[]): Float64Array[] {
    const place = new Int32Array(this.x.length).fill(-1);
    free.forEach((j, k) => (place[j] = k));
    const matrix = free.map(() => new Float64Array(free.length));
    for (const { at } of this.problem.rows) {
      for (const [i, a] of at) {
        const row = matrix[place[i] as number];
        if (row === undefined) continue;
        for (const [j, b] of at) {
          const k = place[j] as number;
          if (k >= 0) row[k] = (row[k] as number) + a * b;
        }
      }
    }
    return matrix;
  }
}

function columnsOf({ rows, low }: BoundedSquares): { rows: Int32Array; values: Float64Array }[] {
  const lists = low.map(() => new Map<number, number>());
  rows.forEach(({ at }, i) => {
    for (const [j, a] of at) {
      const list = lists[j] as Map<number, number>;
      list.set(i, (list.get(i) ?? 0) + a);
    }
  });
  return lists.map((list) => ({ rows: Int32Array.from(list.keys()), values: Float64Array.from(list.values()) }));
}

/** Solves a symmetric positive definite system; null where it is not. The matrix is overwritten. */
function cholesky(matrix: readonly Float64Array[], right: readonly number[]): number[] | null {
  const n = right.length;
  const y = [...right];
  for (let i = 0; i < n; i++) {
    const row = matrix[i] as Float64Array;
    for (let j = 0; j <= i; j++) {
      const other = matrix[j] as Float64Array;
      let sum = row[j] as number;
      for (let k = 0; k < j; k++) sum -= (row[k] as number) * (other[k] as number);
      if (i !== j) row[j] = sum / (other[j] as number);
      else if (sum <= 0) return null;
      else row[i] = Math.sqrt(sum);
    }
    let sum = y[i] as number;
    for (let k = 0; k < i; k++) sum -= (row[k] as number) * (y[k] as number);
    y[i] = sum / (row[i] as number);
  }
  for (let i = n - 1; i >= 0; i--) {
    let sum = y[i] as number;
    for (let k = i + 1; k < n; k++) sum -= ((matrix[k] as Float64Array)[i] as number) * (y[k] as number);
    y[i] = sum / ((matrix[i] as Float64Array)[i] as number);
  }
  return y;
}
