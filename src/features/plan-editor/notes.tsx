import { TriangleAlert } from "lucide-react";
import type { Finding } from "@/lib/result";

/** What the coach should know about the plan. */
export function Notes({ findings }: { findings: readonly Finding<string>[] }) {
  if (findings.length === 0) return null;
  return (
    <section aria-live="polite">
      <h2 className="section-title mb-1">Notes</h2>
      <ul className="space-y-1.5">
        {findings.map((f) => (
          <li key={f.code + f.message} className="flex gap-2 bg-ochre-wash px-2 py-1.5">
            <TriangleAlert aria-hidden className="mt-0.5 size-3.5 shrink-0" />
            {f.message}
          </li>
        ))}
      </ul>
    </section>
  );
}
