import type { Rule } from '../../tables/types';

/** What a page draws, as the rendering library lists it. */
export interface DrawingOrders {
  readonly fnArray: readonly number[];
  readonly argsArray: readonly unknown[];
}

/** The numbers by which the library names its drawing orders. */
export type OrderNames = Readonly<Record<string, number>>;

type Matrix = readonly [number, number, number, number, number, number];

/** Thicker than this, in points, a filled shape is a ground and not a rule. */
const THICK = 2.5;
/** Shorter than this, in points, a stroke is part of a drawing. */
const SHORT = 8;
const MOVE = 0;
const LINE = 1;
const CLOSE = 4;

function times(a: Matrix, b: Matrix): Matrix {
  return [
    a[0] * b[0] + a[2] * b[1],
    a[1] * b[0] + a[3] * b[1],
    a[0] * b[2] + a[2] * b[3],
    a[1] * b[2] + a[3] * b[3],
    a[0] * b[4] + a[2] * b[5] + a[4],
    a[1] * b[4] + a[3] * b[5] + a[5],
  ];
}

type Point = readonly [number, number];

function ruleOf([ax, ay]: Point, [bx, by]: Point): Rule | null {
  const [x0, x1, y0, y1] = [Math.min(ax, bx), Math.max(ax, bx), Math.min(ay, by), Math.max(ay, by)];
  if (Math.max(x1 - x0, y1 - y0) < SHORT || Math.min(x1 - x0, y1 - y0) > 1) return null;
  return { x0, y0, x1, y1 };
}

/** Straight pieces of a path, each from point to point; null when it is curved. */
function subpaths(data: ArrayLike<number>, matrix: Matrix): Point[][] | null {
  const paths: Point[][] = [];
  const point = (at: number): Point => {
    const [x, y] = [data[at] as number, data[at + 1] as number];
    return [matrix[0] * x + matrix[2] * y + matrix[4], matrix[1] * x + matrix[3] * y + matrix[5]];
  };
  for (let at = 0; at < data.length;) {
    const order = data[at];
    if (order === MOVE) paths.push([point(at + 1)]);
    else if (order === LINE) paths.at(-1)?.push(point(at + 1));
    else if (order === CLOSE) {
      const path = paths.at(-1);
      if (path?.[0] !== undefined) path.push(path[0]);
    } else return null;
    at += order === CLOSE ? 1 : 3;
  }
  return paths;
}

function edges(points: readonly Point[]): Rule[] {
  const found: Rule[] = [];
  for (let at = 1; at < points.length; at += 1) {
    const rule = ruleOf(points[at - 1] as Point, points[at] as Point);
    if (rule !== null) found.push(rule);
  }
  return found;
}

/** A filled shape that is thin is a rule along its middle; a ground behind cells gives none. */
function thinFill(points: readonly Point[]): Rule[] {
  const xs = points.map((one) => one[0]);
  const ys = points.map((one) => one[1]);
  const [x0, x1, y0, y1] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  const [w, h] = [x1 - x0, y1 - y0];
  if (h <= THICK && w >= SHORT) return [{ x0, x1, y0: (y0 + y1) / 2, y1: (y0 + y1) / 2 }];
  if (w <= THICK && h >= SHORT) return [{ x0: (x0 + x1) / 2, x1: (x0 + x1) / 2, y0, y1 }];
  return [];
}

/**
 * The straight rules a page draws, upright or level, in its displayed frame. `base` takes the page's own points to that frame (the viewport's
 * transform at scale 1).
 */
export function rulesOf(orders: DrawingOrders, names: OrderNames, base: Matrix): Rule[] {
  const stack: Matrix[] = [];
  let matrix = base;
  const rules: Rule[] = [];
  const strokes = new Set([
    names.stroke,
    names.closeStroke,
    names.fillStroke,
    names.eoFillStroke,
    names.closeFillStroke,
  ]);
  const fills = new Set([names.fill, names.eoFill]);
  orders.fnArray.forEach((order, at) => {
    const args = orders.argsArray[at];
    if (order === names.save) stack.push(matrix);
    else if (order === names.restore) matrix = stack.pop() ?? base;
    else if (order === names.transform) matrix = times(matrix, args as Matrix);
    else if (order === names.paintFormXObjectBegin) {
      stack.push(matrix);
      const [own] = args as [Matrix | null];
      if (own !== null) matrix = times(matrix, own);
    } else if (order === names.paintFormXObjectEnd) matrix = stack.pop() ?? base;
    else if (order === names.constructPath) {
      const [paint, [data]] = args as [number, [ArrayLike<number> | null]];
      if (data === null || data === undefined) return;
      const paths = subpaths(data, matrix);
      if (paths === null) return;
      if (strokes.has(paint)) for (const path of paths) rules.push(...edges(path));
      else if (fills.has(paint)) for (const path of paths) rules.push(...thinFill(path));
    }
  });
  return rules;
}
