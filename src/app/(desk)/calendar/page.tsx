import type { Metadata } from "next";
import { page } from "@/app/door";
import { CalendarPage } from "@/features/calendar/calendar-page";
import { openCatalog } from "@/server/library/catalog";
import { today } from "@/server/sessions/day";
import { listCalendar } from "@/server/sessions/list-calendar";
import { dayOf } from "@/server/sessions/list-day";

export const dynamic = "force-dynamic";
export const metadata: Metadata = { title: "Calendar" };

type Search = Promise<Record<string, string | string[] | undefined>>;

async function Page({ searchParams }: { searchParams: Search }) {
  const { day, view } = await searchParams;
  const listed = await listCalendar(
    dayOf(day),
    [view].flat()[0] === "day" ? "day" : "week",
    await openCatalog(),
  );
  return <CalendarPage listed={listed} today={today()} />;
}

export default page("/calendar", Page);
