"use client";

import { useState } from "react";
import type { Result } from "@/lib/result";

/**
 * A value that is typed as text: read when it is taken, not while it is typed. While it cannot be taken `error` says
 * what to do, and the value stays as it was. A value that changes from outside replaces what stands there at once.
 *
 * @param parse reads what was typed, or says what to type instead.
 */
export function useTyped<T>(
  value: T,
  format: (value: T) => string,
  parse: (text: string) => Result<T, string>,
  onChange: (value: T) => void,
) {
  const shown = format(value);
  const [typed, setTyped] = useState({ of: shown, text: shown, error: null as string | null });
  // Before anything is drawn: after it, what is typed in between would be lost.
  const now = typed.of === shown ? typed : { of: shown, text: shown, error: null };
  if (now !== typed) setTyped(now);

  const show = (text: string, error: string | null) => setTyped({ of: shown, text, error });
  return {
    text: now.text,
    error: now.error,
    type: (text: string) => show(text, now.error),
    /** Takes what is typed as the value, if it can be. */
    take: (text = now.text) => {
      if (text === shown) return show(text, null);
      const parsed = parse(text);
      if (!parsed.ok) return show(text, parsed.error);
      show(format(parsed.value), null);
      onChange(parsed.value);
    },
    /** Takes a value that was offered instead of what is typed. */
    choose: (offered: T) => {
      show(format(offered), null);
      onChange(offered);
    },
    /** Leaves what is typed and goes back to the value. */
    reset: () => show(shown, null),
  };
}
