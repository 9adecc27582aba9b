/** Times of repeated runs. Milliseconds. */
export interface Times {
  median: number;
  p95: number;
  worst: number;
}

/** Milliseconds that a run takes: the fastest of some, since whatever else the machine does only adds to it. */
function fastest(run: () => unknown, runs: number): number {
  let best = Number.POSITIVE_INFINITY;
  for (let i = 0; i < runs; i++) {
    const start = performance.now();
    run();
    best = Math.min(best, performance.now() - start);
  }
  return best;
}

/** Tells how long cases take, each run a few times after all have run once. */
export function measure(cases: readonly (() => unknown)[], runs = 3): Times {
  for (const run of cases) run();
  return spread(cases.map((run) => fastest(run, runs)));
}

/** Median, 95 % and worst of times in milliseconds. */
export function spread(unsorted: readonly number[]): Times {
  const times = unsorted.toSorted((a, b) => a - b);
  const at = (share: number) => times[Math.min(times.length - 1, Math.floor(times.length * share))]!;
  return { median: at(0.5), p95: at(0.95), worst: times.at(-1)! };
}

export function formatTimes(name: string, times: Times): string {
  const cell = (ms: number) => `${ms.toFixed(2)} ms`.padStart(11);
  return `${name.padEnd(44)}${cell(times.median)}${cell(times.p95)}${cell(times.worst)}`;
}
