import { restartWarmUpAction } from "@/app/actions";
import { Button } from "@/ui/button";
import { Notice } from "@/ui/notice";

/** A stored warm-up that cannot be read: what is wrong, and the way on. */
export function UnreadableWarmUp({
  athleteId,
  day,
  message,
}: {
  athleteId: string;
  day: string;
  message: string;
}) {
  return (
    <Notice
      title="This warm-up cannot be read"
      text={`${message} It stays in the database as it is until you start it anew.`}
    >
      <form action={restartWarmUpAction.bind(null, athleteId, day)}>
        <Button type="submit" look="main">
          Start it anew
        </Button>
      </form>
    </Notice>
  );
}
