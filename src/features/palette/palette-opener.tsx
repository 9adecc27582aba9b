"use client";

import { useState } from "react";
import { useHotkeys } from "react-hotkeys-hook";
import { later } from "@/ui/later";

const Palette = later(() => import("./palette").then((m) => m.Palette));

/** Opens the palette by its key. */
export function PaletteOpener() {
  const [open, setOpen] = useState(false);
  useHotkeys("mod+k", () => setOpen((is) => !is), { preventDefault: true, enableOnFormTags: true });
  return <Palette open={open} onOpenChange={setOpen} />;
}
