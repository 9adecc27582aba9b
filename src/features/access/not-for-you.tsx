import { Link } from "@/ui/link";

/** Stands where a page is that somebody may not see. */
export function NotForYou() {
  return (
    <main id="content" className="mx-auto max-w-xl px-6 pt-24 text-base">
      <h1 className="text-[2.125rem] leading-tight font-extrabold tracking-tight">This is for coaches</h1>
      <p className="mt-3">What you look for is not open to you. Whoever runs the gym can change that.</p>
      <p className="mt-6">
        <Link href="/" className="font-semibold underline underline-offset-4 hover:text-ember">
          Back to today
        </Link>
      </p>
    </main>
  );
}
