import { type DoseRange, isSteady } from "./dose";
import { type FormatKind, type OwnDose, VARIANTS, type WorkFormat } from "./work-format";

/** Seconds on and off of an interval, and of surges, until the coach says otherwise. */
const USUAL_INTERVAL = { on: 30, off: 30 };
const USUAL_SURGE = { on: 15, off: 45 };
/** Time gathered until the coach says otherwise, and its pieces. */
const USUAL_PIECES = { seconds: 120, pieces: 4 };
const USUAL_SURGES = 3;

/** The formats that a drill may be done in: surges are for what is steady, variants for what is not. */
export function formatKindsFor(range: DoseRange): FormatKind[] {
  return isSteady(range) ? ["interval", "surges"] : ["interval", "variants", "pieces"];
}

/** A format to begin with in place of sets, as near to them as may be. */
export function startFormat(kind: FormatKind, range: DoseRange, { sets, amount }: OwnDose): WorkFormat {
  const isTimed = range.kind === "hold" || range.kind === "time";
  switch (kind) {
    case "interval": {
      const on = isTimed && !isSteady(range) ? amount : USUAL_INTERVAL.on;
      return { kind, on, off: USUAL_INTERVAL.off, times: Math.max(2, sets * range.sides) };
    }
    case "variants": {
      const by = isTimed ? "line" : "tempo";
      return { kind, by, ways: VARIANTS[by].ways.slice(0, Math.max(3, sets)), amount };
    }
    case "pieces": {
      const pieces = Array.from({ length: USUAL_PIECES.pieces }, () => "");
      return { kind, seconds: Math.max(USUAL_PIECES.seconds, isTimed ? sets * amount : 0), pieces };
    }
    case "surges": {
      const { on, off } = USUAL_SURGE;
      return {
        kind,
        seconds: amount,
        surges: Math.max(1, Math.min(USUAL_SURGES, Math.floor(amount / (on + off)))),
        on,
        off,
      };
    }
  }
}
