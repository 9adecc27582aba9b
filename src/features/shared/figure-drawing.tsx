"use client";

import { type PointerEvent, useCallback, useEffect, useMemo, useRef, useState } from "react";
import { DRILL_FIGURES, LIFT_FIGURES } from "@/catalog/figures";
import {
  type Cycle,
  cycleOf,
  type Figure,
  type Frame,
  frameOf,
  pictureOf,
  pointsOf,
  type Shape,
  stillOf,
} from "@/core/figure";
import { onFrames } from "@/ui/frames";
import type { FigureLook } from "./figure";
import { inkOf, paint, paletteAt } from "./paint-figure";

/** The figures that ship, by the ids of their drills and lifts. */
export const FIGURES = { drill: DRILL_FIGURES, lift: LIFT_FIGURES };

type Dose = Parameters<typeof cycleOf>[1];

const colourOf = (shape: Shape) => `var(--figure-${inkOf(shape)})`;

interface Drawn {
  figure: Figure;
  cycle: Cycle;
  frame: Frame;
  still: ReturnType<typeof stillOf>;
}

/** What is drawn of a figure is worked out once, however often it is shown. */
const drawnBefore = new WeakMap<Figure, Map<string, Drawn>>();

function drawn(figure: Figure, dose: Dose): Drawn {
  const key = `${dose.kind} ${dose.secondsPerUnit} ${dose.tempo?.join(" ") ?? ""} ${dose.sides}`;
  const known = drawnBefore.get(figure) ?? new Map<string, Drawn>();
  drawnBefore.set(figure, known);
  const before = known.get(key);
  if (before) return before;
  const cycle = cycleOf(figure, dose);
  const now = { figure, cycle, frame: frameOf(figure, cycle), still: stillOf(figure, cycle) };
  known.set(key, now);
  return now;
}

/** A figure, at rest or in motion with the times of a dose. */
export function FigureDrawing({
  figure,
  dose,
  className = "",
  moves = "never",
  isTurned = false,
  label,
}: FigureLook & { figure: Figure; dose: Dose }) {
  const shown = useMemo(() => drawn(figure, dose), [figure, dose]);
  const box = useRef<HTMLSpanElement>(null);
  const moving = useRef<HTMLCanvasElement>(null);
  const turn = useRef(0);
  const [isMoving, setMoving] = useState(false);
  const [view, setView] = useState(0);

  useEffect(() => {
    const element = box.current;
    if (!element || moves === "never") return;
    if (window.matchMedia("(prefers-reduced-motion: reduce)").matches) return;
    return moves === "always" ? whileInView(element, setMoving) : whileMet(element, setMoving);
  }, [moves]);

  useEffect(() => {
    const canvas = moving.current;
    if (!canvas || !isMoving) return;
    const palette = paletteAt(canvas);
    let start: number | null = null;
    return onFrames((now) => {
      start ??= now;
      const { figure, cycle, frame } = shown;
      const { skeleton, isMirrored, opacity } = cycle.momentAt((now - start) / 1000);
      const seen = { ...figure, view: figure.view + turn.current };
      paint(canvas, pictureOf(skeleton, seen, isMirrored), frame, palette(now), opacity);
    });
  }, [shown, isMoving]);

  const drag = useTurn(isTurned, turn, setView);
  const still = useMemo(() => {
    if (view === 0) return shown.still;
    return stillOf({ ...shown.figure, view: shown.figure.view + view }, shown.cycle);
  }, [shown, view]);

  const { x, y, size } = shown.frame;
  return (
    <span
      ref={box}
      {...(label ? { role: "img", "aria-label": label } : { "aria-hidden": true })}
      className={`figure relative block aspect-square ${isTurned ? "cursor-ew-resize touch-pan-y" : ""} ${className}`}
      {...drag}
    >
      <svg
        aria-hidden
        viewBox={`${x} ${y} ${size} ${size}`}
        className={`block size-full ${isMoving ? "invisible" : ""}`}
      >
        <g className="opacity-15">
          <Lines shapes={still.ghost.filter((s) => s.of === "body" || s.of === "work")} />
        </g>
        <Lines shapes={still.shapes} />
      </svg>
      {isMoving && <canvas ref={moving} className="absolute inset-0 size-full" />}
    </span>
  );
}

function Lines({ shapes }: { shapes: readonly Shape[] }) {
  return shapes.map((shape, i) => (
    <polyline
      // biome-ignore lint/suspicious/noArrayIndexKey: a shape is its place from far to near
      key={i}
      points={pointsOf(shape)}
      stroke={colourOf(shape)}
      strokeWidth={shape.width}
      fill={shape.closed ? colourOf(shape) : "none"}
    />
  ));
}

/** Says when something comes into view and leaves it. */
function whileInView(element: Element, say: (is: boolean) => void): () => void {
  const observer = new IntersectionObserver((entries) => say(entries.at(-1)!.isIntersecting));
  observer.observe(element);
  return () => observer.disconnect();
}

/** Says when what a figure stands in, its button or row, is pointed at or has the focus. */
function whileMet(element: Element, say: (is: boolean) => void): () => void {
  const around = element.closest("[data-figure-row], button, a, li") ?? element;
  const ends = new AbortController();
  const { signal } = ends;
  for (const event of ["pointerenter", "focusin"])
    around.addEventListener(event, () => say(true), { signal });
  for (const event of ["pointerleave", "focusout"])
    around.addEventListener(event, () => say(false), { signal });
  return () => ends.abort();
}

/** Degrees that a drag over one pixel turns. */
const DEGREES_A_PIXEL = 0.6;

/** Turns a figure by dragging. */
function useTurn(isTurned: boolean, turn: { current: number }, onTurned: (view: number) => void) {
  const from = useRef<number | null>(null);
  const move = useCallback(
    (event: PointerEvent) => {
      if (from.current === null) return;
      turn.current += (event.clientX - from.current) * DEGREES_A_PIXEL;
      from.current = event.clientX;
      onTurned(turn.current);
    },
    [turn, onTurned],
  );
  if (!isTurned) return {};
  return {
    onPointerDown: (event: PointerEvent<HTMLElement>) => {
      event.currentTarget.setPointerCapture(event.pointerId);
      from.current = event.clientX;
    },
    onPointerMove: move,
    onPointerUp: () => {
      from.current = null;
    },
  };
}
