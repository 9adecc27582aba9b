import type { ReactNode } from "react";
import { Wordmark } from "@/features/shared/wordmark";

/** A page for who has not come in: the sign of the app, what the page is for, and a form. */
export function EntryFrame({ title, children }: { title: string; children: ReactNode }) {
  return (
    <div className="grid min-h-dvh lg:grid-cols-[minmax(0,34rem)_1fr]">
      <main
        id="content"
        className="px-6 pt-8 pb-16 text-base sm:px-12 lg:pt-[14vh] [&_input]:min-h-12 [&_input]:text-base [&_label]:text-sm [&_label]:text-ink"
      >
        <Wordmark />
        <h1 className="mt-10 text-[2.125rem] leading-tight font-extrabold tracking-tight">{title}</h1>
        {children}
      </main>
      <Steps />
    </div>
  );
}

/** The stair of a warm-up, large and without words. */
function Steps() {
  const heights = [12, 12, 18, 18, 26, 26, 40, 52, 64, 76, 90];
  return (
    <svg
      aria-hidden
      viewBox="0 0 110 100"
      preserveAspectRatio="none"
      className="hidden h-full w-full border-l border-line bg-chalk-deep lg:block"
    >
      {heights.map((height, i) => (
        <rect
          // biome-ignore lint/suspicious/noArrayIndexKey: the steps never change
          key={i}
          x={i * 10}
          y={100 - height}
          width={10.05}
          height={height}
          className={i < 6 ? "fill-[rgb(96_114_134)]" : i < 10 ? "fill-[rgb(200_136_40)]" : "fill-ember"}
          opacity={0.55 + i * 0.045}
        />
      ))}
    </svg>
  );
}
