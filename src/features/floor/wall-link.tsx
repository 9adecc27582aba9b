"use client";

import { useState } from "react";
import { answered } from "@/client/use-ask";
import { useFloor } from "@/client/use-floor";
import { shareWallAction, stopSharingWallAction } from "@/server/actions/floor";
import { FloorButton } from "./floor-button";
import { useSharedWall } from "./shared-wall";

/** The address of the wall, made and revoked here. */
export function WallLink() {
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
