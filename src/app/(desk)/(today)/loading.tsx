import { PageLoading } from "@/features/shared/page-loading";

export default function TodayLoading() {
  return <PageLoading at="/" text="Working out the plans of the day …" />;
}
