import { PageLoading } from "@/features/shared/page-loading";

export default function LibraryLoading() {
  return <PageLoading at="/library" />;
}
