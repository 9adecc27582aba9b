"use client";

import { useFloor } from "@/client/use-floor";
import { Sheet } from "@/ui/sheet";
import { FloorButton } from "./floor-button";
import { useSoundSettings } from "./floor-sounds";
import { WallLink } from "./wall-link";

const VOLUMES = [
  { value: 0, name: "Off" },
  { value: 0.25, name: "Quiet" },
  { value: 0.6, name: "Usual" },
  { value: 1, name: "Loud" },
];

/** What is set once on a device, the wall's address, and the end of the session. */
export function FloorSettings({
  open,
  onOpenChange,
}: {
  open: boolean;
  onOpenChange: (open: boolean) => void;
}) {
  const { state, say } = useFloor();
  const [sound, setSound] = useSoundSettings();
  return (
    <Sheet
      title="This session"
      open={open}
      onOpenChange={onOpenChange}
      className="max-h-[94dvh] w-[34rem] overflow-y-auto"
    >
      <div className="space-y-5 text-base">
        <fieldset>
          <legend className="mb-1 font-semibold">Sound</legend>
          <div className="flex flex-wrap gap-2">
            {VOLUMES.map(({ value, name }) => (
              <FloorButton
                key={name}
                aria-pressed={sound.volume === value}
                onClick={() => setSound({ volume: value })}
              >
                {name}
              </FloorButton>
            ))}
          </div>
          <div className="mt-2 flex flex-wrap gap-2">
            <FloorButton aria-pressed={sound.voice} onClick={() => setSound({ voice: !sound.voice })}>
              Spoken calls
            </FloorButton>
            <FloorButton
              aria-pressed={sound.vibration}
              onClick={() => setSound({ vibration: !sound.vibration })}
            >
              Vibration
            </FloorButton>
          </div>
        </fieldset>
        <WallLink />
        {!state.finished && (
          <div className="border-t border-line pt-4">
            <FloorButton
              look="main"
              size="large"
              className="w-full"
              onClick={() => {
                say(null, { kind: "finished", complete: true });
                onOpenChange(false);
              }}
            >
              Finish the session
            </FloorButton>
          </div>
        )}
        {state.finished && (
          <FloorButton
            className="w-full"
            onClick={() => {
              say(null, { kind: "undone", event: state.finished!.event });
              onOpenChange(false);
            }}
          >
            Go on with it
          </FloorButton>
        )}
      </div>
    </Sheet>
  );
}
