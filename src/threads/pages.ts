import type { ComponentProps } from "react";
import type { CardsPdf } from "@/features/card/card-pdf";
import type { SheetsPdf } from "@/features/card/sheets-pdf";

/** A document for print, and what it is made from. */
export type Pages =
  | { kind: "cards"; of: ComponentProps<typeof CardsPdf> }
  | { kind: "sheets"; of: Omit<ComponentProps<typeof SheetsPdf>, "catalog" | "racks"> };
