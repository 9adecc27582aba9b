"use client";

import { TabletSmartphone } from "lucide-react";
import { useRouter } from "next/navigation";
import { useRef, useState } from "react";
import { toast } from "@/client/toast";
import { answered } from "@/client/use-ask";
import type { ListedDevice } from "@/server/access/devices";
import { endDeviceAction, nameDeviceAction } from "@/server/actions/access";
import { Button } from "@/ui/button";
import { NameDialog } from "@/ui/name-dialog-later";
import { Sheet } from "@/ui/sheet";
import { When } from "@/ui/when";
import { PairingCode } from "./pairing-code";
import { ROLE_NAMES } from "./role-words";

/** Tablets, phones and programs that were let in by a code. */
export function DeviceList({
  devices,
  athletes,
  isOpen,
}: {
  devices: readonly ListedDevice[];
  athletes: readonly { id: string; name: string; group: string }[];
  isOpen: boolean;
}) {
  const router = useRouter();
  const [pairing, setPairing] = useState(false);
  const [naming, setNaming] = useState<ListedDevice | null>(null);
  const home = useRef<HTMLElement>(null);
  const end = async ({ id, name }: ListedDevice) => {
    const outcome = await answered(endDeviceAction(id));
    await toast(outcome.kind === "refused" ? outcome.message : `${name} is out.`);
    router.refresh();
  };
  const close = () => {
    setPairing(false);
    router.refresh();
  };
  return (
    <section aria-label="Devices" ref={home} tabIndex={-1}>
      <h2 className="section-title mb-1">Tablets, phones and programs</h2>
      {devices.length === 0 && (
        <p className="border-t border-line pt-2 text-ink-soft">
          None. A device is let in by a code that is shown here: nobody types a password on the floor.
        </p>
      )}
      <ul className="border-b border-line">
        {devices.map((device) => (
          <li key={device.id} className="flex flex-wrap items-center gap-x-2 border-t border-line py-1.5">
            <span className="min-w-0 flex-1">
              <span className="block text-sm font-semibold">{device.name}</span>
              <span className="block text-ink-soft">
                {ROLE_NAMES[device.role]}
                {device.of ? ` · ${device.of}` : ""} · seen <When at={device.seenAt} />
              </span>
            </span>
            <Button look="bare" onClick={() => setNaming(device)}>
              Rename<span className="sr-only"> {device.name}</span>
            </Button>
            <Button look="bare" onClick={() => void end(device)}>
              End<span className="sr-only"> {device.name}</span>
            </Button>
          </li>
        ))}
      </ul>
      {isOpen && (
        <Button className="mt-3" onClick={() => setPairing(true)}>
          <TabletSmartphone aria-hidden className="size-4" />
          Let a device in
        </Button>
      )}
      <Sheet
        title="Let a device in"
        open={pairing}
        onOpenChange={(open) => !open && close()}
        className="w-[34rem]"
      >
        <PairingCode athletes={athletes} onDone={close} />
      </Sheet>
      {naming && (
        <NameDialog
          open
          title="Rename a device"
          label="Name"
          name={naming.name}
          action="Rename"
          home={home}
          onClose={() => setNaming(null)}
          onTake={async (name) => {
            const outcome = await answered(nameDeviceAction({ id: naming.id, name }));
            if (outcome.kind === "refused") return outcome.message;
            router.refresh();
            return null;
          }}
        />
      )}
    </section>
  );
}
