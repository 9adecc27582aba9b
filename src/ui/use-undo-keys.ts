import { useHotkeys } from "react-hotkeys-hook";

/** Undo and redo by key. */
export function useUndoKeys({ undo, redo }: { undo: () => void; redo: () => void }): void {
  useHotkeys("mod+z", undo, { preventDefault: true });
  useHotkeys("mod+shift+z, mod+y", redo, { preventDefault: true });
}
