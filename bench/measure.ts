/** Times of repeated runs. Milliseconds. */
export interface Times {
  median: number;
  p95: number;
  worst: number;
}

/** Runs each case once to warm up and then `rounds` times, and tells how long single runs took. */
export function measure(cases: readonly (() => unknown)[], rounds: number): Times {
  for (const run of cases) run();
  const times: number[] = [];
  for (let round = 0; round < rounds; round++) {
    for (const run of cases) {
      const start = performance.now();
      run();
      times.push(performance.now() - start);
    }
  }
  return spread(times);
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
