"use client";

import { Ellipsis, Star } from "lucide-react";
import { type ReactNode, useRef, useState } from "react";
import { ok } from "@/lib/result";
import { Button, IconButton } from "@/ui/button";
import { LabelledChoice, OptionalChoice } from "@/ui/choice";
import { DayField } from "@/ui/day-field";
import { DragList, DragRow } from "@/ui/drag-list";
import { KeyList } from "@/ui/key-list";
import { Menu } from "@/ui/menu";
import { NameDialog } from "@/ui/name-dialog";
import { PickSheet } from "@/ui/pick-sheet-later";
import { SearchField } from "@/ui/search-field";
import { SecondsStepper } from "@/ui/seconds-stepper";
import { Sheet } from "@/ui/sheet";
import { SortHead } from "@/ui/sort-head";
import { StepLinks } from "@/ui/step-links";
import { parseName, TextField } from "@/ui/text-field";
import { ThemeButton } from "@/ui/theme";
import { TimeField } from "@/ui/time-field";
import { Toggle } from "@/ui/toggle";
import { ViewSwitch } from "@/ui/view-switch";
import { WholeStepper } from "@/ui/whole-stepper";

const FRUIT = [
  { value: "one", label: "The first" },
  { value: "two", label: "The second", note: "with a note" },
];
const VIEWS = [
  { id: "left", name: "Left" },
  { id: "right", name: "Right" },
] as const;

function Part({ name, children }: { name: string; children: ReactNode }) {
  return (
    <section
      aria-label={name}
      className="grid grid-cols-[10rem_1fr] items-start gap-x-6 border-t border-line py-4"
    >
      <h2 className="font-semibold">{name}</h2>
      <div className="flex flex-wrap items-end gap-x-6 gap-y-3">{children}</div>
    </section>
  );
}

function Buttons() {
  return (
    <Part name="Buttons">
      <Button look="main">The main action</Button>
      <Button>Another</Button>
      <Button disabled>Not now</Button>
      <IconButton label="With a tip" keys="K">
        <Star aria-hidden className="size-4" />
      </IconButton>
      <Menu label="A menu" Icon={Ellipsis} entries={[{ label: "An item", onSelect: () => {} }]} />
      <StepLinks of="part" before="#" after="#" />
      <ThemeButton />
    </Part>
  );
}

function Fields() {
  const [count, setCount] = useState(3);
  const [time, setTime] = useState<string | null>("18:30");
  const [day, setDay] = useState("2026-11-28");
  const [name, setName] = useState("A name");
  const [isOn, setIsOn] = useState(true);
  return (
    <Part name="Fields">
      <WholeStepper label="A number" value={count} range={[0, 9]} onChange={setCount} suffix="of 9" />
      <SecondsStepper label="Seconds" value={count} range={[0, 60]} onChange={setCount} />
      <WholeStepper label="Large" size="large" value={count} range={[0, 9]} onChange={setCount} />
      <TimeField label="A time" value={time} onChange={setTime} />
      <DayField label="A day" value={day} onChange={setDay} />
      <TextField label="A text" value={name} format={String} parse={parseName} onChange={setName} />
      <TextField
        label="Lines"
        lines={2}
        value={name}
        format={String}
        parse={ok}
        onChange={setName}
        note="A note."
      />
      <SearchField label="Search" className="w-48" value={name} onChange={(e) => setName(e.target.value)} />
      <Toggle label="On or off" note="What it means." isOn={isOn} onChange={setIsOn} />
    </Part>
  );
}

function Choices() {
  const [picked, setPicked] = useState("one");
  const [optional, setOptional] = useState<string | null>(null);
  const [view, setView] = useState<"left" | "right">("left");
  const [byName, setByName] = useState(true);
  return (
    <Part name="Choices">
      <LabelledChoice label="One of" value={picked} groups={[{ options: FRUIT }]} onChange={setPicked} />
      <OptionalChoice
        label="One or none"
        none="None"
        value={optional}
        groups={[{ options: FRUIT }]}
        onChange={setOptional}
      />
      <ViewSwitch label="View" views={VIEWS} value={view} onChange={setView} />
      <table>
        <thead>
          <tr>
            <SortHead label="Name" isOn={byName} onSort={() => setByName(true)} />
            <SortHead label="Day" isOn={!byName} onSort={() => setByName(false)} />
          </tr>
        </thead>
      </table>
    </Part>
  );
}

function Rows() {
  const [rows, setRows] = useState(["Drag me", "or me", "by mouse or keys"]);
  const move = (id: string, to: number) =>
    setRows((all) => {
      const others = all.filter((row) => row !== id);
      return [...others.slice(0, to), id, ...others.slice(to)];
    });
  return (
    <Part name="Rows to drag">
      <ul className="w-64">
        <DragList onMove={move}>
          {rows.map((row, index) => (
            <DragRow key={row} id={row} index={index} name={row} className="flex items-center gap-2">
              {row}
            </DragRow>
          ))}
        </DragList>
      </ul>
    </Part>
  );
}

function Dialogs() {
  const [open, setOpen] = useState<"sheet" | "name" | "pick" | "keys" | null>(null);
  const close = () => setOpen(null);
  const home = useRef<HTMLDivElement>(null);
  return (
    <Part name="Dialogs">
      <div ref={home} tabIndex={-1} className="flex gap-3">
        <Button onClick={() => setOpen("sheet")}>A sheet</Button>
        <Button onClick={() => setOpen("name")}>A name</Button>
        <Button onClick={() => setOpen("pick")}>A list to pick from</Button>
        <Button onClick={() => setOpen("keys")}>Keys</Button>
      </div>
      <Sheet title="A sheet" open={open === "sheet"} onOpenChange={close}>
        <p className="p-5">What stands in it.</p>
      </Sheet>
      <NameDialog
        {...{ title: "A name", label: "Name", name: "", action: "Keep", home }}
        open={open === "name"}
        onClose={close}
        onTake={() => null}
      />
      <PickSheet
        {...{ title: "Pick", placeholder: "Type a word", nothing: "Nothing is called that." }}
        items={FRUIT.map(({ value, label, note }) => ({ id: value, heading: "All", label, note }))}
        open={open === "pick"}
        onOpenChange={close}
        onPick={close}
      />
      <KeyList
        keys={[["K", "What it does"]]}
        open={open === "keys"}
        onOpenChange={(is) => setOpen(is ? "keys" : null)}
      />
    </Part>
  );
}

/** All shared parts of the interface, each as it is used. */
export function Parts() {
  return (
    <main className="mx-auto max-w-5xl px-6 py-10">
      <h1 className="text-3xl font-bold tracking-tight">Parts</h1>
      <p className="mt-2 mb-6 text-ink-soft">What screens are made of; each stands in src/ui.</p>
      <Buttons />
      <Fields />
      <Choices />
      <Rows />
      <Dialogs />
    </main>
  );
}
