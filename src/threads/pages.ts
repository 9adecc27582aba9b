import type { ComponentProps } from "react";
import type { CardsPdf } from "@/features/card/card-pdf";
import type { SheetsPdf } from "@/features/card/sheets-pdf";
import type { ReportPdf } from "@/features/report/report-pdf";

/** A document for print, and what it is made from. */
export type Pages =
  | { kind: "cards"; of: ComponentProps<typeof CardsPdf> }
  | { kind: "report"; of: ComponentProps<typeof ReportPdf> }
  | { kind: "sheets"; of: Omit<ComponentProps<typeof SheetsPdf>, "catalog" | "racks"> };
