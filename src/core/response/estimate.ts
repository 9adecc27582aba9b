/** Variance of one observation, and standard deviations between athletes and between drills. */
export interface LevelModel {
  trialVariance: number;
  betweenAthletes: number;
  betweenDrills: number;
}

/** Constants of the estimate (docs/model.md, "What helps whom"), all in measurement errors of the test. */
export const RESPONSE = {
  /** Variance of one trial: two measurements of one error each. */
  trialVariance: 2,
  /** Standard deviation between athletes of what one drill does. */
  betweenAthletes: 0.8,
  /** Standard deviation of what a drill does on average about what is expected of it. */
  betweenDrills: 1,
  /** What is expected of a drill for each point that it serves. */
  perServe: 0.5,
  /** Trials count half after so many days. */
  halfLifeDays: 90,
  /** Retests without a drill that are as if they had shown nothing. */
  retestsAssumed: 5,
} as const;

/** What one athlete's trials of a drill show, on their own. */
export interface Evidence {
  /** Sum of the weights of the trials; 0: none. */
  weight: number;
  /** Their weighted mean. In measurement errors. */
  mean: number;
}

/** Normal distribution of an unknown effect. In measurement errors. */
export interface Estimate {
  mean: number;
  variance: number;
}

/**
 * What a drill does on average, from the evidence of all athletes who have tried it.
 *
 * @param expected what is expected without evidence, m0.
 * @param model variances; absent: those of what helps whom.
 * @returns the posterior mean and variance of the average of a normal two-level model with known variances.
 */
export function averageEffect(
  all: readonly Evidence[],
  expected: number,
  model: LevelModel = RESPONSE,
): Estimate {
  const prior = 1 / model.betweenDrills ** 2;
  let precision = prior;
  let sum = expected * prior;
  for (const { weight, mean } of all) {
    if (weight === 0) continue;
    const own = 1 / (model.betweenAthletes ** 2 + model.trialVariance / weight);
    precision += own;
    sum += mean * own;
  }
  return { mean: sum / precision, variance: 1 / precision };
}

/**
 * What a drill does for one athlete: the athlete's own evidence, drawn towards the average of all by how little it is.
 *
 * @param average from `averageEffect`, this athlete's evidence included.
 * @returns the posterior mean and variance.
 */
export function effectFor(own: Evidence, average: Estimate, model: LevelModel = RESPONSE): Estimate {
  const between = model.betweenAthletes ** 2;
  const trust = own.weight === 0 ? 0 : between / (between + model.trialVariance / own.weight);
  return {
    mean: trust * own.mean + (1 - trust) * average.mean,
    variance: between * (1 - trust) + (1 - trust) ** 2 * average.variance,
  };
}

/** Bounds and step of the search for the spread between athletes. In measurement errors. */
const BETWEEN = { least: 0.3, most: 1.6, step: 0.05 };

/**
 * Spread between athletes under which the evidence is likeliest, drills' averages integrated out.
 *
 * @param drills evidence of each athlete for each drill, with what is expected of that drill.
 * @returns standard deviation in measurement errors, between 0.3 and 1.6 in steps of 0.05.
 */
export function likeliestSpread(drills: readonly { all: readonly Evidence[]; expected: number }[]): number {
  const logAt = (spread: number) =>
    drills.reduce((sum, d) => sum + logLikelihood(d.all, d.expected, spread), 0);
  const usual: number = RESPONSE.betweenAthletes;
  let best = { spread: usual, log: logAt(usual) };
  const steps = Math.round((BETWEEN.most - BETWEEN.least) / BETWEEN.step);
  for (let i = 0; i <= steps; i++) {
    const spread = Math.round((BETWEEN.least + i * BETWEEN.step) * 100) / 100;
    const log = logAt(spread);
    if (log > best.log + 1e-9) best = { spread, log };
  }
  return best.spread;
}

/** Logarithm of the density of a drill's evidence, but for a constant. */
function logLikelihood(all: readonly Evidence[], expected: number, betweenAthletes: number): number {
  const variance = ({ weight }: Evidence) => betweenAthletes ** 2 + RESPONSE.trialVariance / weight;
  const seen = all.filter((e) => e.weight > 0);
  const after = averageEffect(seen, expected, { ...RESPONSE, betweenAthletes });
  const alone = seen.reduce(
    (sum, e) => sum - 0.5 * Math.log(variance(e)) - 0.5 * ((e.mean - after.mean) ** 2 / variance(e)),
    0,
  );
  const prior = 0.5 * ((after.mean - expected) ** 2 / RESPONSE.betweenDrills ** 2);
  return alone - prior + 0.5 * Math.log(after.variance);
}

/** Probability that an effect is above a value, from 0 to 1. */
export function probabilityAbove({ mean, variance }: Estimate, value: number): number {
  return 1 - normalBelow((value - mean) / Math.sqrt(variance));
}

/** Share of the standard normal distribution below z, after Hastings' approximation; off by at most 7.5e-8. */
function normalBelow(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z));
  const density = Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI);
  const terms =
    t * (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
  return z >= 0 ? 1 - density * terms : density * terms;
}
