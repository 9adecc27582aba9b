import { Link } from "@/ui/link";
import { EntryFrame } from "./entry-frame";

/** Stands where a link has been used already, or has ended. */
export function LinkGone() {
  return (
    <EntryFrame title="This link no longer works">
      <p className="mt-2 max-w-sm text-ink-soft">
        It works once, and for a day. Who runs the gym can make you another; for the first owner, start Iron
        Step again: it prints a new one.
      </p>
      <p className="mt-6">
        <Link href="/sign-in" className="font-semibold underline underline-offset-4 hover:text-ember">
          Sign in
        </Link>
      </p>
    </EntryFrame>
  );
}
