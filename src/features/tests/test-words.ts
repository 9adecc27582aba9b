import {
  type AthleteTest,
  asymmetryOf,
  changeVerdict,
  gainPerMinute,
  type Response,
  type ResponseVerdict,
  type TestValue,
  testNumber,
} from "@/core/response";
import { counted } from "@/core/units";

/** A change of one side in words: "1.5 cm better: clear". */
export function changeInWords(test: AthleteTest, change: number): string {
  if (change === 0) return "No change";
  const size = testNumber(test, Math.abs(change));
  const way = `${size} ${change > 0 ? "better" : "worse"}`;
  const verdict = changeVerdict(test, change);
  if (verdict === "within-error") return `${way}, within measuring error`;
  return verdict === "perhaps" ? `${way}, perhaps a change` : `${way}, a clear change`;
}

/** What a test counts as good from. */
export function goodInWords(test: AthleteTest): string {
  return `${test.better === "more" ? "good from" : "good up to"} ${testNumber(test, test.goodFrom)}`;
}

/** The difference between the sides in words; null where measuring alone may make it. */
export function asymmetryInWords(test: AthleteTest, value: TestValue): string | null {
  const asymmetry = asymmetryOf(test, value);
  if (!asymmetry || changeVerdict(test, asymmetry.difference) === "within-error") return null;
  const { worse, difference, share } = asymmetry;
  const percent = share === null ? "" : `, ${Math.round(share * 100)} %`;
  return `${worse} side ${testNumber(test, difference)} behind${percent}`;
}

const VERDICTS: Record<ResponseVerdict, string> = {
  helps: "Helps",
  little: "Does little",
  unknown: "Not known yet",
};

/** What several trials show, in words. */
export function responseInWords(response: Response, test: AthleteTest): string {
  const { trials, trialsOfAll, verdict } = response;
  const perMinute = testNumber(test, gainPerMinute(response, test));
  const own = trials === 0 ? "not tried" : counted(trials, "trial");
  const others = trialsOfAll - trials;
  const of = others > 0 ? `${own}, ${others} of others` : own;
  return `${VERDICTS[verdict]}: about ${perMinute} a minute (${of})`;
}
