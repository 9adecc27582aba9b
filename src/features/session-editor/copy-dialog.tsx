"use client";

import { addDays, format, parseISO } from "date-fns";
import { useRouter } from "next/navigation";
import { type RefObject, useState } from "react";
import { DayPicker } from "react-day-picker";
import { toast } from "@/client/toast";
import { answered, useAsk } from "@/client/use-ask";
import { repeatDays, type Session } from "@/core/session";
import { isoDay } from "@/lib/iso-day";
import { copySessionAction, removeSessionAction } from "@/server/actions/sessions";
import { Button } from "@/ui/button";
import { CALENDAR_LOOK } from "@/ui/calendar-look";
import { useConventions } from "@/ui/conventions";
import { Sheet, SheetButtons } from "@/ui/sheet";
import { WholeStepper } from "@/ui/whole-stepper";

const MOST_WEEKS = 26;

/** Copies a session to days that are picked one by one, or week after week. */
export function CopyDialog({
  session,
  open,
  onOpenChange,
  home,
}: {
  session: Session;
  open: boolean;
  onOpenChange: (open: boolean) => void;
  home: RefObject<HTMLElement | null>;
}) {
  const router = useRouter();
  const [days, setDays] = useState<readonly string[]>([]);
  const [weeks, setWeeks] = useState(4);
  const [message, setMessage] = useState<string | null>(null);
  const ask = useAsk();
  const { weekStart } = useConventions();
  const copy = async () => {
    const outcome = await ask(copySessionAction, { id: session.id, days: [...days] });
    if (outcome.kind === "refused") {
      setMessage(outcome.message);
      return;
    }
    toast(outcome.ids.length === 1 ? "Copied to one day." : `Copied to ${outcome.ids.length} days.`, {
      action: {
        label: "Show",
        onClick: () =>
          router.push(
            outcome.ids.length === 1 ? `/session/${outcome.ids[0]}` : `/calendar?day=${days.toSorted()[0]}`,
          ),
      },
      cancel: {
        label: "Undo",
        onClick: async () => {
          for (const id of outcome.ids) {
            const removed = await answered(removeSessionAction(id));
            if (removed.kind === "refused") return toast(removed.message);
          }
          toast("Undone.");
        },
      },
    });
    setDays([]);
    onOpenChange(false);
  };
  return (
    <Sheet
      home={home}
      title="Copy to other days"
      open={open}
      onOpenChange={onOpenChange}
      className="w-[19rem]"
    >
      <p className="-mt-2 mb-3 text-ink-soft">
        With its people and their individual changes. Each copy can be changed on its own.
      </p>
      <DayPicker
        mode="multiple"
        weekStartsOn={weekStart}
        showOutsideDays
        defaultMonth={addDays(parseISO(session.day), 1)}
        selected={days.map((d) => parseISO(d))}
        onSelect={(picked) => {
          setDays((picked ?? []).map(isoDay));
          setMessage(null);
        }}
        modifiers={{ own: parseISO(session.day) }}
        modifiersClassNames={{
          own: "[&>button]:underline [&>button]:decoration-2 [&>button]:underline-offset-4",
        }}
        classNames={CALENDAR_LOOK}
      />
      <div className="mt-3 flex items-end gap-3 border-t border-line pt-3">
        <WholeStepper
          label={`Every ${format(parseISO(session.day), "EEEE")}, weeks`}
          value={weeks}
          range={[1, MOST_WEEKS]}
          onChange={setWeeks}
        />
        <Button onClick={() => setDays([...new Set([...days, ...repeatDays(session.day, weeks)])])}>
          Add these days
        </Button>
      </div>
      <p role="status" className="mt-3 min-h-5 text-ink-soft">
        {message ??
          (days.length === 0
            ? "No day selected yet."
            : days
                .toSorted()
                .slice(0, 6)
                .map((d) => format(parseISO(d), "d MMM"))
                .join(", ") + (days.length > 6 ? ` and ${days.length - 6} more` : ""))}
      </p>
      <SheetButtons action="Copy" disabled={days.length === 0} onAct={() => void copy()} />
    </Sheet>
  );
}
