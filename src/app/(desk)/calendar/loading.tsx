import { PageLoading } from "@/features/shared/page-loading";

export default function CalendarLoading() {
  return <PageLoading at="/calendar" />;
}
