"use client";

import { Smartphone } from "lucide-react";
import { useEffect, useState } from "react";
import { type AngleSensor, isSimulated, openAngleSensor } from "@/client/angle-sensor";
import { Button, IconButton } from "@/ui/button";
import { Sheet, SheetClose } from "@/ui/sheet";

/** How long a device is given to tell its first angle. Milliseconds. */
const PATIENCE_MS = 2000;

/** Reads an angle from the phone, laid on the limb. */
export function AngleButton({ label, onRead }: { label: string; onRead: (angle: number) => void }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <IconButton label={`${label}: read from this phone`} onClick={() => setOpen(true)}>
        <Smartphone aria-hidden className="size-4" />
      </IconButton>
      <Sheet title={`${label}: read from this phone`} open={open} onOpenChange={setOpen}>
        {open && (
          <Reading
            onRead={(angle) => {
              onRead(angle);
              setOpen(false);
            }}
          />
        )}
      </Sheet>
    </>
  );
}

function Reading({ onRead }: { onRead: (angle: number) => void }) {
  const [sensor, setSensor] = useState<AngleSensor | null | undefined>(undefined);
  const [angle, setAngle] = useState<number | null>(null);
  const [isLate, setLate] = useState(false);
  /** The angle that counts as none: where the limb started. */
  const [zero, setZero] = useState(0);
  useEffect(() => {
    openAngleSensor().then(setSensor, () => setSensor(null));
    const timer = setTimeout(() => setLate(true), PATIENCE_MS);
    return () => clearTimeout(timer);
  }, []);
  useEffect(() => sensor?.watch(setAngle), [sensor]);
  if (sensor === null || (isLate && angle === null)) {
    return (
      <>
        <p className="text-ink-soft">This device tells no angle. Open the page on a phone, or type it.</p>
        <SheetClose asChild>
          <Button className="mt-4">Cancel</Button>
        </SheetClose>
      </>
    );
  }
  const shown = angle === null ? null : angle - zero;
  return (
    <>
      <p className="text-ink-soft">
        Lay the phone along the limb where it starts and press From here; then at the end press Use.
        {isSimulated() && " Simulated: no phone is being read."}
      </p>
      <p aria-live="off" className="condensed my-3 text-6xl leading-none font-extrabold">
        {shown === null ? "…" : `${shown}°`.replace("-", "−")}
      </p>
      <div className="flex gap-3">
        <Button look="main" disabled={shown === null} onClick={() => shown !== null && onRead(shown)}>
          Use
        </Button>
        <Button disabled={angle === null} onClick={() => setZero(angle ?? 0)}>
          From here
        </Button>
        <SheetClose asChild>
          <Button>Cancel</Button>
        </SheetClose>
      </div>
    </>
  );
}
