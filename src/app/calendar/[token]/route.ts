import { isCalendarAddress } from "@/server/access/addresses";
import { route } from "@/server/access/route";
import { openCatalog } from "@/server/library/catalog";
import { sessionsCalendar } from "@/server/sessions/sessions-feed";

export const dynamic = "force-dynamic";

/** The sessions for a calendar program that has subscribed to this address. */
export const GET = route(
  "GET /calendar/[token]",
  async (_: Request, { params }: { params: Promise<{ token: string }> }) => {
    const token = (await params).token.replace(/\.ics$/, "");
    if (!(await isCalendarAddress(token))) {
      return new Response("There is no calendar at this address, or it has been revoked.\n", { status: 404 });
    }
    return new Response(await sessionsCalendar(await openCatalog()), {
      headers: { "content-type": "text/calendar; charset=utf-8", "cache-control": "no-store" },
    });
  },
);
