"use client";

import { useState } from "react";
import { answered } from "@/client/use-ask";
import { useFloor } from "@/client/use-floor";
import { shareWallAction, stopSharingWallAction } from "@/server/actions/floor";
import { Sheet } from "@/ui/sheet";
import { FloorButton } from "./floor-button";
import { useSoundSettings } from "./floor-sounds";
import { useSharedWall } from "./shared-wall";

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

/** The address of the wall, made and revoked here. */
function WallLink() {
  const { plan } = useFloor();
  const [wall, setWall] = useState(useSharedWall());
  const [error, setError] = useState<string | null>(null);
  const share = async (look: { hasWeights: boolean; hasNames: boolean }) => {
    const outcome = await answered(shareWallAction({ sessionId: plan.sessionId, ...look }));
    if (outcome.kind === "refused") setError(outcome.message);
    else {
      setError(null);
      setWall(outcome);
    }
  };
  const stop = async () => {
    const outcome = await answered(stopSharingWallAction(plan.sessionId));
    if (outcome.kind === "refused") setError(outcome.message);
    else setWall(null);
  };
  return (
    <fieldset>
      <legend className="mb-1 font-semibold">Wall</legend>
      {wall ? (
        <>
          <p>
            <a
              href={wall.path}
              target="_blank"
              rel="noreferrer"
              className="inline-flex min-h-12 items-center font-semibold underline underline-offset-4"
            >
              Open the wall
            </a>
          </p>
          <div className="flex flex-wrap gap-2">
            <FloorButton
              aria-pressed={wall.hasNames}
              onClick={() => void share({ ...wall, hasNames: !wall.hasNames })}
            >
              First names
            </FloorButton>
            <FloorButton
              aria-pressed={wall.hasWeights}
              onClick={() => void share({ ...wall, hasWeights: !wall.hasWeights })}
            >
              Weights
            </FloorButton>
            <FloorButton look="bare" onClick={() => void stop()}>
              Stop sharing
            </FloorButton>
          </div>
        </>
      ) : (
        <FloorButton onClick={() => void share({ hasWeights: true, hasNames: true })}>
          Show on a wall
        </FloorButton>
      )}
      {error && (
        <p role="alert" className="mt-1 font-semibold text-ember">
          {error}
        </p>
      )}
    </fieldset>
  );
}
