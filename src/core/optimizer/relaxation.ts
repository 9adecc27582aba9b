import type { Problem } from "./problem";
import { relaxationRows } from "./relaxation-rows";

const FEASIBLE = 1e-7;
const PIVOT = 1e-8;
/** Costs are moved by up to this, each a little differently, so that ties cannot send the pivoting in circles. */
const NUDGE = 1e-7;

/** A variable of the relaxation that has to end at one of its two bounds, and what it means for the choice. */
export interface Binary {
  variable: number;
  /** The option it stands for; null: whether a family (limit of one) stays empty. */
  option: number | null;
}

/**
 * The linear relaxation of a choice, in which options may be chosen in part: its greatest objective bounds what
 * any choice can reach.
 *
 * A dual simplex (Lemke 1954) over variables with two bounds, rows weighed by dual Devex (Harris 1973; Forrest and
 * Goldfarb 1992), in one dense table that lives on as bounds change: after a
 * change it takes up where it was, a few pivots from the new answer. Written out by hand because a search asks
 * for thousands of such answers.
 *
 * Rows: goals `pieces − Σ gives ≤ 0`, limits `Σ uses ≤ most`, prerequisites `Σ option − Σ prerequisites ≤ 0`, required
 * lists `Σ = 1`. All start with their slack in the basis, and every other variable at the bound its cost likes,
 * which no change of bounds ever makes wrong.
 */
export class Relaxation {
  readonly binaries: readonly Binary[];
  /** Pivots so far. */
  pivots = 0;
  /** Work so far: numbers of the table that pivots have gone through. */
  work = 0;
  private readonly rows: number;
  private readonly columns: number;
  /** Rows × columns; what one more of a column's variable takes from the row's. */
  private readonly table: Float64Array;
  private readonly reduced: Float64Array;
  /** Columns of the pivot row that are not 0, during a pivot. */
  private readonly filled: Int32Array;
  private readonly pivotRow: Float64Array;
  /** Rows of the pivot column that are not 0, during a pivot, and what they are. */
  private readonly touched: Int32Array;
  private readonly pivotColumn: Float64Array;
  /** Columns that can mend the row that is pivoted out. */
  private readonly helping: Int32Array;
  private readonly basicOf: Int32Array;
  private readonly nonbasicOf: Int32Array;
  /** Where each variable is: its row if in the basis, else −1 − its column. */
  private readonly place: Int32Array;
  /** How much a row weighs beside the others, by dual Devex: how large it is in what the pivots began with. */
  private readonly weight: Float64Array;
  private readonly value: Float64Array;
  private readonly lower: Float64Array;
  private readonly upper: Float64Array;
  private readonly cost: Float64Array;
  private readonly constant: number;
  /** The slack of the budget, and what one of the limit's units is in its row. */
  private budgetSlack = -1;
  private budgetScale = 1;

  /**
   * @param options the options that are left to choose from; the others count as not chosen.
   */
  constructor(problem: Problem, options: readonly number[]) {
    const { rows, pieces, emptyGoals, familyRows, budgetRow } = relaxationRows(problem, options);
    const n = options.length + pieces.length;
    const m = rows.length;
    this.rows = m;
    this.columns = n;
    this.table = new Float64Array(m * n);
    this.reduced = new Float64Array(n);
    this.filled = new Int32Array(n);
    this.pivotRow = new Float64Array(n);
    this.touched = new Int32Array(m);
    this.pivotColumn = new Float64Array(m);
    this.helping = new Int32Array(n);
    this.basicOf = new Int32Array(m);
    this.nonbasicOf = new Int32Array(n);
    this.place = new Int32Array(n + m);
    this.weight = new Float64Array(m).fill(1);
    this.value = new Float64Array(n + m);
    this.lower = new Float64Array(n + m);
    this.upper = new Float64Array(n + m);
    this.cost = new Float64Array(n);
    this.constant = problem.atNothing;
    options.forEach((o, j) => {
      this.cost[j] = -problem.options[o]!.cost;
      this.upper[j] = 1;
    });
    pieces.forEach(({ goal, most, slope }, k) => {
      this.cost[options.length + k] = slope;
      this.upper[options.length + k] = emptyGoals.has(goal) ? 0 : most;
    });
    for (let j = 0; j < n; j++) {
      const nudge = (NUDGE * (1 + ((j * 7919) % 1009))) / 1009;
      this.cost[j]! += nudge;
      this.reduced[j] = this.cost[j]!;
      this.nonbasicOf[j] = j;
      this.place[j] = -1 - j;
      this.value[j] = this.reduced[j]! > 0 ? this.upper[j]! : 0;
    }
    rows.forEach(({ terms, most, slackMost }, i) => {
      const slack = n + i;
      this.basicOf[i] = slack;
      this.place[slack] = i;
      // Rows in seconds and rows in pieces are made alike, so that the worst row is the worst in earnest.
      const scale =
        slackMost === Number.POSITIVE_INFINITY ? 1 / Math.max(...terms.map(([, a]) => Math.abs(a))) : 1;
      this.upper[slack] = slackMost;
      if (i === budgetRow) {
        this.budgetSlack = slack;
        this.budgetScale = scale;
      }
      let left = most * scale;
      for (const [j, amount] of terms) {
        this.table[i * n + j]! += amount * scale;
        left -= amount * scale * this.value[j]!;
      }
      this.value[slack] = left;
    });
    this.binaries = [
      ...options.map((option, j) => ({ variable: j, option })),
      ...familyRows.map((i) => ({ variable: n + i, option: null })),
    ];
  }

  valueOf(variable: number): number {
    return this.value[variable]!;
  }

  lowerOf(variable: number): number {
    return this.lower[variable]!;
  }

  upperOf(variable: number): number {
    return this.upper[variable]!;
  }

  /** Changes the bounds of a variable; `solve` then finds the new answer. */
  setBounds(variable: number, lower: number, upper: number): void {
    this.lower[variable] = lower;
    this.upper[variable] = upper;
    const place = this.place[variable]!;
    if (place >= 0) return;
    const column = -1 - place;
    const wanted = this.reduced[column]! > 0 ? upper : lower;
    this.moveTo(column, wanted);
  }

  /** Changes the budget; `by` is how much more there is than in the problem that the table was made from. */
  setMoreOfBudget(by: number): void {
    // Where nothing uses it, or there is no end of it, it has no row.
    if (this.budgetSlack >= 0)
      this.setBounds(this.budgetSlack, -by * this.budgetScale, Number.POSITIVE_INFINITY);
  }

  /** Moves a variable outside the basis to a value, and with it the basis. */
  private moveTo(column: number, wanted: number): void {
    const variable = this.nonbasicOf[column]!;
    const by = wanted - this.value[variable]!;
    if (by === 0) return;
    this.value[variable] = wanted;
    for (let i = 0; i < this.rows; i++) {
      const t = this.table[i * this.columns + column]!;
      if (t !== 0) this.value[this.basicOf[i]!]! -= t * by;
    }
  }

  /**
   * Finds the greatest objective under the bounds as they are.
   *
   * @param enough stop as soon as it is certain to stay below this.
   * @returns an upper bound of what choices under these bounds can reach; −∞ if none is possible.
   */
  solve(enough = Number.NEGATIVE_INFINITY): number {
    for (;;) {
      const row = this.worstRow();
      if (row < 0) return this.bound();
      if (!this.dualRatioTest(row)) return Number.NEGATIVE_INFINITY;
      if (this.pivots % 8 === 0 && this.bound() < enough) return this.bound();
    }
  }

  /** The objective of the table as it is: an upper bound, since its costs are always in order. */
  private bound(): number {
    let total = this.constant;
    for (let j = 0; j < this.columns; j++) total += this.cost[j]! * this.value[j]!;
    return total;
  }

  /** The row furthest off its bounds for its weight; −1: all are within theirs. */
  private worstRow(): number {
    let worst = -1;
    let most = 0;
    for (let i = 0; i < this.rows; i++) {
      const variable = this.basicOf[i]!;
      const v = this.value[variable]!;
      const off = Math.max(this.lower[variable]! - v, v - this.upper[variable]!);
      if (off > FEASIBLE && off * off > most * this.weight[i]!) {
        most = (off * off) / this.weight[i]!;
        worst = i;
      }
    }
    return worst;
  }

  /**
   * Dual ratio test: takes the variable of a row out of the basis to the bound it breaks, with flips of bounds on the
   * way (Maros 2003). False: nothing can take its place, so there is no solution.
   */
  private dualRatioTest(row: number): boolean {
    const { table, columns, reduced } = this;
    const leaving = this.basicOf[row]!;
    const isBelow = this.value[leaving]! < this.lower[leaving]!;
    const target = isBelow ? this.lower[leaving]! : this.upper[leaving]!;
    let missing = Math.abs(this.value[leaving]! - target);
    const start = row * columns;
    const { helping } = this;
    let n = 0;
    for (let j = 0; j < columns; j++) {
      const t = table[start + j]!;
      if (t < PIVOT && t > -PIVOT) continue;
      const variable = this.nonbasicOf[j]!;
      const upper = this.upper[variable]!;
      if (upper === this.lower[variable]!) continue;
      const rises = this.value[variable]! !== upper;
      // What is below its bound must rise: variables at their upper bound that take from the row, or at their
      // lower that give to it, help by moving; above it is the other way round.
      if (isBelow === rises ? t < 0 : t > 0) helping[n++] = j;
    }
    const boundFlips: number[] = [];
    let entering = -1;
    while (n > 0) {
      let best = -1;
      let bestRatio = Number.POSITIVE_INFINITY;
      let bestSize = 0;
      for (let k = 0; k < n; k++) {
        const j = helping[k]!;
        const size = Math.abs(table[start + j]!);
        const ratio = Math.abs(reduced[j]!) / size;
        if (ratio < bestRatio - 1e-12 || (ratio < bestRatio + 1e-12 && size > bestSize)) {
          bestRatio = ratio;
          bestSize = size;
          best = k;
        }
      }
      entering = helping[best]!;
      const variable = this.nonbasicOf[entering]!;
      const reach = bestSize * (this.upper[variable]! - this.lower[variable]!);
      if (reach >= missing - FEASIBLE) break;
      // Even all of this variable is not enough: it crosses to its other bound and the next one is tried.
      missing -= reach;
      boundFlips.push(entering);
      helping.copyWithin(best, best + 1, n);
      n -= 1;
      entering = -1;
    }
    if (entering < 0) return false;
    for (const j of boundFlips) {
      const variable = this.nonbasicOf[j]!;
      const atUpper = this.value[variable]! === this.upper[variable]!;
      this.moveTo(j, atUpper ? this.lower[variable]! : this.upper[variable]!);
    }
    this.pivot(row, entering, target);
    return true;
  }

  /** Swaps the variable of a row, which goes to `target`, with that of a column. */
  private pivot(row: number, column: number, target: number): void {
    const { table, columns, rows, reduced } = this;
    const leaving = this.basicOf[row]!;
    const entering = this.nonbasicOf[column]!;
    const start = row * columns;
    const pivot = table[start + column]!;
    const by = (this.value[leaving]! - target) / pivot;
    // The column is read once, without its zeros: from row to row is a long way in memory.
    const { touched, pivotColumn } = this;
    let rowsTouched = 0;
    for (let i = 0, at = column; i < rows; i++, at += columns) {
      const t = table[at]!;
      if (t === 0 || i === row) continue;
      this.value[this.basicOf[i]!]! -= t * by;
      pivotColumn[rowsTouched] = t;
      touched[rowsTouched++] = i;
    }
    this.value[entering]! += by;
    this.value[leaving] = target;

    // The pivot row is copied without its zeros, so that the inner loop touches nothing else.
    const { filled, pivotRow } = this;
    let n = 0;
    for (let j = 0; j < columns; j++) {
      const t = table[start + j]!;
      if (t === 0 || j === column) continue;
      const scaled = t / pivot;
      if (scaled < 1e-13 && scaled > -1e-13) {
        table[start + j] = 0;
        continue;
      }
      table[start + j] = scaled;
      pivotRow[n] = scaled;
      filled[n++] = j;
    }
    table[start + column] = 1 / pivot;
    const { weight } = this;
    const pivotWeight = weight[row]! / (pivot * pivot);
    weight[row] = Math.max(1, pivotWeight);
    for (let r = 0; r < rowsTouched; r++) {
      const i = touched[r]!;
      const at = i * columns;
      const factor = pivotColumn[r]!;
      weight[i] = Math.max(weight[i]!, factor * factor * pivotWeight);
      for (let k = 0; k < n; k++) {
        const cell = at + filled[k]!;
        table[cell] = table[cell]! - factor * pivotRow[k]!;
      }
      table[at + column] = -factor / pivot;
    }
    this.work += n * rowsTouched;
    const factor = reduced[column]!;
    if (factor !== 0) {
      for (let k = 0; k < n; k++) {
        const j = filled[k]!;
        reduced[j] = reduced[j]! - factor * pivotRow[k]!;
      }
    }
    reduced[column] = -factor / pivot;
    this.basicOf[row] = entering;
    this.nonbasicOf[column] = leaving;
    this.place[entering] = row;
    this.place[leaving] = -1 - column;
    this.pivots += 1;
    this.work += columns + rows;
  }

  /** Reduced cost: what the bound loses at least if a variable outside the basis moves to its other bound. 0 inside it. */
  reducedCost(variable: number): number {
    const place = this.place[variable]!;
    return place >= 0 ? 0 : Math.abs(this.reduced[-1 - place]!);
  }

  /** Rounding penalty (Driebeek 1966): what the bound loses at least if a variable in the basis goes down to 0, or up to 1. */
  roundingPenalty(variable: number): { down: number; up: number } {
    const row = this.place[variable]!;
    const value = this.value[variable]!;
    const start = row * this.columns;
    let down = Number.POSITIVE_INFINITY;
    let up = Number.POSITIVE_INFINITY;
    for (let j = 0; j < this.columns; j++) {
      const t = this.table[start + j]!;
      if (Math.abs(t) < PIVOT) continue;
      const other = this.nonbasicOf[j]!;
      if (this.upper[other]! === this.lower[other]!) continue;
      const atUpper = this.value[other]! === this.upper[other]!;
      const ratio = Math.abs(this.reduced[j]! / t);
      if (atUpper ? t > 0 : t < 0) up = Math.min(up, ratio);
      else down = Math.min(down, ratio);
    }
    return { down: down * value, up: up * (1 - value) };
  }
}
