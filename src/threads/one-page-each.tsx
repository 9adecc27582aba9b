import { renderToBuffer } from "@react-pdf/renderer";
import type { ComponentProps } from "react";
import type { CardView } from "@/core/card";
import { CardsPdf, DENSITIES, firstDensity } from "@/features/card/card-pdf";

/** How many pages a document has, by its page objects. */
function pagesIn(pdf: Buffer): number {
  return pdf.toString("latin1").match(/\/Type\s*\/Page\b/g)?.length ?? 0;
}

type Cards = ComponentProps<typeof CardsPdf>;

/** The loosest density, from the one it is tried at first, with which a card takes one page; the closest where none does. */
async function densityOf(card: CardView, of: Cards): Promise<number> {
  for (let density = firstDensity(card); density < DENSITIES.length - 1; density++) {
    const alone = <CardsPdf {...of} cards={[card]} densities={[density]} />;
    if (pagesIn(await renderToBuffer(alone)) === 1) return density;
  }
  return DENSITIES.length - 1;
}

/** The cards of a session as a document with one page for each: whose card takes more is set closer until it does not. */
export async function onePageEach(of: Cards): Promise<Buffer> {
  const { cards } = of;
  const whole = await renderToBuffer(<CardsPdf {...of} />);
  if (pagesIn(whole) === cards.length) return whole;
  const densities: number[] = [];
  for (const card of cards) densities.push(await densityOf(card, of));
  return renderToBuffer(<CardsPdf {...of} densities={densities} />);
}
