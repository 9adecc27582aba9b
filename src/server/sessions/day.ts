import { isoDay } from "@/lib/iso-day";

/** Today as an ISO day in the server's time zone. */
export function today(): string {
  return isoDay(new Date());
}
