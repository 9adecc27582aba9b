import type { ReactNode } from "react";

/** A page that has only something to say, with what to do next. */
export function Notice({ title, text, children }: { title: string; text: string; children?: ReactNode }) {
  return (
    <main id="content" className="mx-auto max-w-xl px-6 py-28">
      <h1 className="text-3xl font-bold tracking-tight">{title}</h1>
      <p className="mt-3 mb-6 text-base text-ink-soft">{text}</p>
      {children}
    </main>
  );
}
