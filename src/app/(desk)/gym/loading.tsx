import { PageLoading } from "@/features/shared/page-loading";

export default function GymLoading() {
  return <PageLoading at="/gym" />;
}
