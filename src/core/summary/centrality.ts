/** Steps of the power method after which ranks have settled. */
const STEPS = 30;
const DAMPING = 0.85;
/** Likeness below which two sentences are taken for strangers (LexRank, Erkan and Radev 2004). */
const THRESHOLD = 0.08;

/** A sentence as a bag of terms with their weights, of length 1. */
export type Vector = ReadonlyMap<string, number>;

/** Vectors of sentences, each term weighted by how few of the sentences hold it. */
export function vectorsOf(sentences: readonly (readonly string[])[]): Vector[] {
  const frequency = new Map<string, number>();
  for (const terms of sentences) for (const term of new Set(terms)) frequency.set(term, (frequency.get(term) ?? 0) + 1);
  return sentences.map((terms) => {
    const vector = new Map<string, number>();
    // A term that stands in one sentence alone joins nothing; one that stands in all tells nothing.
    for (const term of terms) vector.set(term, Math.log(1 + sentences.length / (frequency.get(term) ?? 1)));
    const length = Math.hypot(...vector.values()) || 1;
    for (const [term, weight] of vector) vector.set(term, weight / length);
    return vector;
  });
}

/** Cosine of two vectors, 0 to 1. */
export function likeness(one: Vector, two: Vector): number {
  const [small, large] = one.size < two.size ? [one, two] : [two, one];
  let sum = 0;
  for (const [term, weight] of small) sum += weight * (large.get(term) ?? 0);
  return sum;
}

/**
 * How central each sentence is among all, 0 to 1: the stationary weight of a walk over sentences that are alike (LexRank, Erkan and Radev 2004).
 * Takes time in the square of their number.
 */
export function centrality(vectors: readonly Vector[]): number[] {
  const count = vectors.length;
  const edges: { readonly to: number; readonly weight: number }[][] = vectors.map(() => []);
  const degree = new Float64Array(count);
  for (let a = 0; a < count; a += 1) {
    for (let b = a + 1; b < count; b += 1) {
      const weight = likeness(vectors[a] as Vector, vectors[b] as Vector);
      if (weight < THRESHOLD) continue;
      edges[a]?.push({ to: b, weight });
      edges[b]?.push({ to: a, weight });
      degree[a] = (degree[a] as number) + weight;
      degree[b] = (degree[b] as number) + weight;
    }
  }
  let ranks = new Float64Array(count).fill(1 / Math.max(1, count));
  for (let step = 0; step < STEPS; step += 1) {
    const next = new Float64Array(count).fill((1 - DAMPING) / Math.max(1, count));
    edges.forEach((list, from) => {
      for (const { to, weight } of list)
        next[to] = (next[to] as number) + (DAMPING * (ranks[from] as number) * weight) / (degree[from] as number);
    });
    ranks = next;
  }
  const highest = Math.max(...ranks, Number.EPSILON);
  return [...ranks].map((rank) => rank / highest);
}
