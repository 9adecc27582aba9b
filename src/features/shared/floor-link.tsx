import { Play } from "lucide-react";
import type { FloorStatus } from "@/server/floor/floor-status";
import { Link } from "@/ui/link";

const WORDS: Record<FloorStatus, string> = {
  "not-started": "Start",
  running: "Running",
  over: "What was done",
};

/** The way from a session to the floor: to start it, to the one that runs, or to what was done. */
export function FloorLink({ id, status, name }: { id: string; status: FloorStatus; name: string }) {
  const look =
    status === "running"
      ? "bg-ember text-chalk hover:bg-ember-deep"
      : "border border-line-strong hover:border-ink hover:bg-chalk-deep";
  return (
    <Link
      href={`/session/${id}/floor`}
      aria-label={`${WORDS[status]}: ${name}`}
      className={`inline-flex min-h-8 items-center gap-1.5 rounded-sm px-3 font-semibold pointer-coarse:min-h-11 ${look}`}
    >
      {status !== "over" && <Play aria-hidden className="size-4" />}
      {WORDS[status]}
    </Link>
  );
}
