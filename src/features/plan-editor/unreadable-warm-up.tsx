import { forgetWarmUpAction } from "@/server/actions/sessions";
import { Button } from "@/ui/button";
import { Notice } from "@/ui/notice";

/** A stored warm-up that cannot be read: what is wrong, and the way on. */
export function UnreadableWarmUp({
  sessionId,
  athleteId,
  message,
}: {
  sessionId: string;
  athleteId: string;
  message: string;
}) {
  const startOver = forgetWarmUpAction.bind(null, { sessionId, athleteId });
  return (
    <Notice
      title="This warm-up cannot be read"
      text={`${message} It stays in the database as it is until you start over.`}
    >
      <form action={startOver as unknown as (form: FormData) => void}>
        <Button type="submit" look="main">
          Start over
        </Button>
      </form>
    </Notice>
  );
}
