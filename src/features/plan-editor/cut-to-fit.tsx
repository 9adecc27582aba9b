/** What there is no time for, against what the approach usually does. */
export function CutToFit({ sentences, minutes }: { sentences: readonly string[]; minutes: number }) {
  if (sentences.length === 0) return null;
  return (
    <section>
      <h2 className="section-title mb-1">Cut to fit {minutes} min</h2>
      <p className="text-ink-soft">{sentences.join(" ")}</p>
    </section>
  );
}
