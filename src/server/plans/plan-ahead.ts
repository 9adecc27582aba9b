import { addDays } from "date-fns";
import { forgetOldPlans } from "@/data/plans";
import { isoDay } from "@/lib/iso-day";
import { openCatalog } from "../library/catalog";
import { listDay } from "../sessions/list-day";

/** Days from today on that are looked at most. */
const DAYS = 2;

/** Works out what the day's page shows of today and tomorrow, so that the first look at it is as quick as the next. */
export async function planAhead(now = new Date()): Promise<void> {
  try {
    await forgetOldPlans();
    for (let day = 0; day < DAYS; day++) await listDay(isoDay(addDays(now, day)), 1, await openCatalog());
  } catch (error) {
    // Nobody waits for it: who looks at the day then is told what is wrong.
    console.error("The plans of these days could not be worked out ahead:", error);
  }
}
