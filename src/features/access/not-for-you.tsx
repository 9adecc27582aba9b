import { Link } from "@/ui/link";
import { EntryFrame } from "./entry-frame";

/** Stands where a page is that somebody may not see. */
export function NotForYou() {
  return (
    <EntryFrame title="This is for coaches">
      <p className="mt-3 max-w-sm text-ink-soft">
        What you look for is not open to you. Whoever runs the gym can change that.
      </p>
      <p className="mt-6">
        <Link href="/" className="font-semibold underline underline-offset-4 hover:text-ember">
          Back to today
        </Link>
      </p>
    </EntryFrame>
  );
}
