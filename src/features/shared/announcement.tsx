/** What has changed, for who hears the page. */
export function Announcement({ said }: { said: string }) {
  return (
    <p role="status" aria-label="What has changed" className="sr-only">
      {said}
    </p>
  );
}
