import { Notice } from "@/ui/notice";

/** A stored session that cannot be read. */
export function UnreadableSession({ message }: { message: string }) {
  return (
    <Notice
      title="This session cannot be read"
      text={`${message} It stays in the database as it is. Plan a new session for its people, or import a backup that has it.`}
    />
  );
}
