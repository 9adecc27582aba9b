import { renderToBuffer } from "@react-pdf/renderer";
import type { ComponentProps } from "react";
import type { CardView } from "@/core/card";
import { CardsPdf, DENSITIES, firstDensity } from "@/features/card/card-pdf";

/** How many pages each card of a document takes: its bookmark leads to the first of them. */
function pagesOfEach(pdf: Buffer): number[] {
  const written = pdf.toString("latin1");
  const pages: string[] = written.match(/\n\/Kids \[([^\]]*)\]/)![1]!.match(/\d+(?= 0 R)/g) ?? [];
  const firsts = [...written.matchAll(/\n\/Dest \[(\d+) 0 R/g)].map((m) => pages.indexOf(m[1]!));
  return firsts.map((first, i) => (firsts[i + 1] ?? pages.length) - first);
}

type Cards = ComponentProps<typeof CardsPdf>;

/** The loosest density above one that is too loose with which a card takes one page; the closest where none does. */
async function closerThan(loose: number, card: CardView, of: Cards): Promise<number> {
  for (let density = loose + 1; density < DENSITIES.length - 1; density++) {
    const alone = <CardsPdf {...of} cards={[card]} densities={[density]} />;
    if (pagesOfEach(await renderToBuffer(alone))[0] === 1) return density;
  }
  return DENSITIES.length - 1;
}

/** The cards of a session as a document with one page for each: whose card takes more is set closer until it does not. */
export async function onePageEach(of: Cards): Promise<Buffer> {
  const whole = await renderToBuffer(<CardsPdf {...of} />);
  const pages = pagesOfEach(whole);
  if (pages.every((count) => count === 1)) return whole;
  const densities: number[] = [];
  for (const [i, card] of of.cards.entries()) {
    const first = firstDensity(card);
    densities.push(pages[i] === 1 ? first : await closerThan(first, card, of));
  }
  return renderToBuffer(<CardsPdf {...of} densities={densities} />);
}
