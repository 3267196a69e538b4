/** A row to learn from: what was measured, whether it is of the class, and how much it counts. */
export interface Example {
  readonly signs: Readonly<Record<string, number>>;
  readonly holds: boolean;
  readonly weight: number;
}

/** A linear model of the logarithm of the odds. */
export interface LinearModel {
  readonly weights: Readonly<Record<string, number>>;
  readonly constant: number;
}

/** Steps that are tried at most, and how small the last one is. */
const STEPS = 40;
const SMALL = 1e-6;

/** Solves a system of linear equations by elimination with pivots; singular ones get zeros. */
function solve(matrix: readonly (readonly number[])[], right: readonly number[]): number[] {
  const rows = matrix.map((row, at) => [...row, right[at] ?? 0]);
  const size = rows.length;
  const at = (row: number, column: number): number => rows[row]?.[column] ?? 0;
  for (let column = 0; column < size; column += 1) {
    let pivot = column;
    for (let row = column + 1; row < size; row += 1)
      if (Math.abs(at(row, column)) > Math.abs(at(pivot, column))) pivot = row;
    [rows[column], rows[pivot]] = [rows[pivot] as number[], rows[column] as number[]];
    if (at(column, column) === 0) continue;
    for (let row = 0; row < size; row += 1) {
      const factor = row === column ? 0 : at(row, column) / at(column, column);
      if (factor !== 0) rows[row] = (rows[row] as number[]).map((value, one) => value - factor * at(column, one));
    }
  }
  return rows.map((row, one) => (at(one, one) === 0 ? 0 : (row[size] ?? 0) / at(one, one)));
}

/**
 * Fits a logistic regression with a ridge by Newton's method over standardised signs (Hosmer and Lemeshow, Applied Logistic Regression); `ridge` is what a weight
 * of a standardised sign costs, squared.
 */
export function fitLogistic(examples: readonly Example[], names: readonly string[], ridge: number): LinearModel {
  const columns = names.map((name) => {
    const values = examples.map(({ signs }) => signs[name] ?? 0);
    const mean = values.reduce((sum, value) => sum + value, 0) / values.length;
    const spread = Math.sqrt(values.reduce((sum, value) => sum + (value - mean) ** 2, 0) / values.length);
    return { name, mean, spread: spread === 0 ? 1 : spread };
  });
  const rows = examples.map(({ signs }) => [1, ...columns.map(({ name, mean, spread }) => ((signs[name] ?? 0) - mean) / spread)]); // prettier-ignore
  const size = names.length + 1;
  let found: number[] = new Array<number>(size).fill(0);
  for (let step = 0; step < STEPS; step += 1) {
    const gradient = found.map((value, at) => (at === 0 ? 0 : -ridge * value));
    const curve = found.map((_, one) => found.map((_value, two) => (one === two && one > 0 ? ridge : 0)));
    rows.forEach((row, index) => {
      const { holds, weight } = examples[index] as Example;
      const chance = 1 / (1 + Math.exp(-row.reduce((sum, value, at) => sum + value * (found[at] ?? 0), 0)));
      const bend = weight * Math.max(SMALL, chance * (1 - chance));
      for (let one = 0; one < size; one += 1) {
        const value = row[one] ?? 0;
        gradient[one] = (gradient[one] ?? 0) + weight * ((holds ? 1 : 0) - chance) * value;
        const line = curve[one] as number[];
        for (let two = 0; two < size; two += 1) line[two] = (line[two] ?? 0) + bend * value * (row[two] ?? 0);
      }
    });
    const moved = solve(curve, gradient);
    found = found.map((value, at) => value + (moved[at] ?? 0));
    if (moved.reduce((sum, value) => sum + Math.abs(value), 0) < SMALL) break;
  }
  const weights = columns.map(({ name, spread }, at) => [name, (found[at + 1] ?? 0) / spread] as const);
  const shift = columns.reduce((sum, { mean, spread }, at) => sum + ((found[at + 1] ?? 0) * mean) / spread, 0);
  return { weights: Object.fromEntries(weights), constant: (found[0] ?? 0) - shift };
}

/** The logarithm of the odds that a model gives. */
export function oddsOf({ weights, constant }: LinearModel, signs: Readonly<Record<string, number>>): number {
  return Object.entries(weights).reduce((sum, [name, weight]) => sum + weight * (signs[name] ?? 0), constant);
}
