import type { Caution } from "@/core/plan";

/** The usual cautions, each once. */
export function Cautions({ cautions, className = "" }: { cautions: readonly Caution[]; className?: string }) {
  return (
    <section className={className}>
      <h2 className="section-title mb-1">Cautions</h2>
      <ul className="space-y-1 text-xs text-ink-soft">
        {cautions.map((c) => (
          <li key={c.id}>{c.message}</li>
        ))}
      </ul>
    </section>
  );
}
