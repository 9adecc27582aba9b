import { renderToBuffer } from "@react-pdf/renderer";
import type { ComponentProps } from "react";
import { CardsPdf, DENSITIES, firstDensity } from "@/features/card/card-pdf";

/** How many pages a document has, by its page objects. */
function pagesIn(pdf: Buffer): number {
  return pdf.toString("latin1").match(/\/Type\s*\/Page\b/g)?.length ?? 0;
}

/** The cards of a session as a document with one page for each: whose card takes more is set closer until it does not. */
export async function onePageEach(of: ComponentProps<typeof CardsPdf>): Promise<Buffer> {
  const { cards } = of;
  let densities = cards.map(firstDensity);
  for (;;) {
    const pdf = await renderToBuffer(<CardsPdf {...of} densities={densities} />);
    if (pagesIn(pdf) <= cards.length || densities.every((d) => d === DENSITIES.length - 1)) return pdf;
    densities = await Promise.all(
      cards.map(async (card, i) => {
        const alone = <CardsPdf {...of} cards={[card]} densities={[densities[i]!]} />;
        const isOver = pagesIn(await renderToBuffer(alone)) > 1;
        return Math.min(DENSITIES.length - 1, densities[i]! + (isOver ? 1 : 0));
      }),
    );
  }
}
