"use client";

import { useCallback, useState } from "react";
import { useCatalog } from "@/client/catalog";
import type { WarmUpEdit } from "@/core/draft";
import type { SessionEdit } from "@/core/session";
import { editInWords } from "./edit-in-words";

/** An edit that is also said, to be read out: what was changed last, and how to edit so. */
export function useAnnounced<E extends WarmUpEdit | SessionEdit>(edit: (edit: E) => void) {
  const catalog = useCatalog();
  const [said, setSaid] = useState("");
  const announced = useCallback(
    (by: E) => {
      edit(by);
      const words = editInWords(by, catalog);
      if (words !== null) setSaid(words);
    },
    [edit, catalog],
  );
  return { said, announced };
}
