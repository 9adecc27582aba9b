import { format } from "date-fns";

/** Today as an ISO day in the server's time zone. */
export function today(): string {
  return format(new Date(), "yyyy-MM-dd");
}
