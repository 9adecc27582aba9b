"use client";

import dynamic from "next/dynamic";
import { useState } from "react";
import { useHotkeys } from "react-hotkeys-hook";

const Palette = dynamic(() => import("./palette").then((m) => m.Palette), { ssr: false });

/** Opens the palette by its key; its code is loaded the first time. */
export function PaletteOpener() {
  const [open, setOpen] = useState(false);
  const [wasOpen, setWasOpen] = useState(false);
  useHotkeys(
    "mod+k",
    () => {
      setOpen((is) => !is);
      setWasOpen(true);
    },
    { preventDefault: true, enableOnFormTags: true },
  );
  return wasOpen ? <Palette open={open} onOpenChange={setOpen} /> : null;
}
