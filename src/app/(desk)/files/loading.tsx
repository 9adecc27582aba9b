import { PageLoading } from "@/features/shared/page-loading";

export default function FilesLoading() {
  return <PageLoading at="/files" />;
}
