import { testById, tests } from "@/catalog/tests";
import { DEMANDS } from "@/core/demands";
import { type ReportPart, reportOf } from "@/core/progress";
import { openAthleteProgress, type Period } from "./open-progress";

/** A report to an athlete. */
export interface Report {
  athlete: { id: string; name: string };
  /** ISO day. */
  today: string;
  period: Period;
  parts: readonly ReportPart[];
}

/** The report of an athlete over a time; null: there is no such athlete. */
export async function openReport(id: string, period: Period): Promise<Report | null> {
  const progress = await openAthleteProgress(id, period);
  if (!progress) return null;
  const { athlete, today, lifts, results, responses, demands, limiters, pains, attended } = progress;
  const cold = results.filter((r) => r.moment === "cold");
  const parts = reportOf({
    lifts,
    tests: tests.flatMap((test) => {
      const values = cold.filter((r) => r.test === test.id).map((r) => r.value);
      return values.length > 0 ? [{ test, values }] : [];
    }),
    responses: responses.flatMap((response) => {
      const test = testById(response.test);
      return test && response.trials > 0 ? [{ name: response.name, response, test }] : [];
    }),
    sessions: attended,
    hurt: new Set(pains.map((p) => `${p.day} ${p.session}`)).size,
    limiters: limiters.map((demand) => ({
      name: DEMANDS[demand].name,
      minutes: (demands.find((d) => d.demand === demand)?.recent ?? 0) / 60,
    })),
  });
  return { athlete, today, period, parts };
}
