"use client";

import { Check } from "lucide-react";
import { useFloor } from "@/client/use-floor";
import { formatDoseBriefly } from "@/core/dose";
import { doneNow, type FloorAthlete, type FloorItem, isDone, standingOf } from "@/core/floor";
import { useAct } from "./acts";
import { itemName } from "./item-words";

const keyOf = (item: FloorItem) =>
  item.kind === "step" ? item.step.key : `${item.kind} ${item.lift} ${item.set}`;

/** All of it, to be ticked in any order. */
export function ItemList({ athlete }: { athlete: FloorAthlete }) {
  const { state } = useFloor();
  const act = useAct();
  const person = state.people[athlete.id]!;
  const { items, now } = standingOf(athlete, person, state.startedAt);
  const tick = (item: FloorItem) => {
    const done = isDone(item);
    const said = done ? (item.kind === "step" ? item.state.done! : item.done!) : null;
    if (said) {
      act(`Not done: ${itemName(item)}`, [
        { athlete: athlete.id, what: { kind: "undone", event: said.event } },
      ]);
      return;
    }
    act(`Done: ${itemName(item)}`, [{ athlete: athlete.id, what: doneNow(item) }]);
  };
  return (
    <ol
      aria-label="All steps"
      className="w-full shrink-0 overflow-y-auto lg:max-h-[calc(100dvh-12rem)] lg:w-[21rem]"
    >
      {items.map((item) => {
        const done = isDone(item);
        const said = item.kind === "step" ? item.state.done : item.done;
        const work = item.kind === "work";
        return (
          <li key={keyOf(item)}>
            <button
              type="button"
              aria-pressed={done}
              onClick={() => tick(item)}
              className={`flex min-h-12 w-full items-center gap-3 border-b border-line px-2 text-left text-base hover:bg-chalk-deep ${item === now ? "bg-chalk-deep font-bold" : ""}`}
            >
              <span
                aria-hidden
                className={`grid size-6 shrink-0 place-items-center rounded-xs border ${done ? "border-ink bg-ink text-chalk" : "border-line-strong"}`}
              >
                {done && <Check className="size-4" />}
              </span>
              <span
                className={`min-w-0 flex-1 truncate ${done ? "text-ink-soft" : ""} ${work ? "text-ember" : ""}`}
              >
                {itemName(item)}
              </span>
              <span className="condensed shrink-0 text-sm text-ink-soft">
                {item.kind === "step"
                  ? item.step.dose && formatDoseBriefly(item.step.dose)
                  : [item.done?.felt, athlete.lifts[item.lift]!.name].filter(Boolean).join(", ")}
                {said?.device.startsWith("phone") && ", own tick"}
              </span>
            </button>
          </li>
        );
      })}
    </ol>
  );
}
