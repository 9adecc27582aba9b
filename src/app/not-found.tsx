import { Link } from "@/ui/link";
import { Notice } from "@/ui/notice";

export default function NotFound() {
  return (
    <Notice title="Page not found" text="The warm-up may have been removed, or the link is cut short.">
      <Link className="font-semibold text-ember underline underline-offset-4" href="/">
        To today's warm-ups
      </Link>
    </Notice>
  );
}
