"use client";

import { useRouter } from "next/navigation";
import { toast } from "@/client/toast";
import { answered } from "@/client/use-ask";
import type { Session } from "@/core/session";
import { shareCardsAction, stopSharingCardsAction } from "@/server/actions/sessions";
import type { PhoneAddress } from "@/server/cards/card-addresses";
import { Button } from "@/ui/button";
import { dayInWords } from "@/ui/day-in-words";
import { PrintPage } from "./print-page";

/** The addresses at which athletes find their cards on their phones: made, scanned, copied, revoked. */
export function PhonesPage({
  session,
  people,
  lastDay,
  publicUrl,
}: {
  session: Session;
  /** On which the links work. */
  lastDay: string;
  people: readonly { id: string; name: string; address: PhoneAddress | null }[];
  publicUrl: string | null;
}) {
  const router = useRouter();
  const all = people.map((p) => p.id);
  const open = async (athleteIds: string[]) => {
    const outcome = await answered(shareCardsAction({ sessionId: session.id, athleteIds }));
    if (outcome.kind === "refused") toast(outcome.message);
    router.refresh();
  };
  const close = async (athleteIds: string[]) => {
    const outcome = await answered(stopSharingCardsAction({ sessionId: session.id, athleteIds }));
    if (outcome.kind === "refused") toast(outcome.message);
    router.refresh();
  };
  const copy = async (url: string) => {
    await navigator.clipboard.writeText(url);
    toast("Copied.");
  };
  return (
    <PrintPage back={{ href: `/session/${session.id}/cards`, name: "Cards" }} files={[]} print="quiet">
      <div data-theme="light" className="bg-field px-4 text-ink py-8 sm:px-10 print:p-0">
        <h1 className="text-2xl font-extrabold tracking-tight">Cards on phones</h1>
        <p className="mt-1 max-w-prose text-ink-soft">
          Each card gets its own link that nobody can guess. Whoever has it sees that card and nothing else,
          health cautions included: give it to the athlete only. It works until {dayInWords(lastDay)}, a week
          after the session, or until you stop sharing.
        </p>
        {!publicUrl && (
          <p className="mt-3 w-fit bg-ochre-wash px-3 py-2">
            Phones need this server's address: start it with PUBLIC_URL, for example http://192.168.1.20:3000,
            and with HOST=0.0.0.0. The codes to scan are shown here then.
          </p>
        )}
        <div className="mt-4 flex gap-3 print:hidden">
          <Button look="main" disabled={people.every((p) => p.address)} onClick={() => void open(all)}>
            Share all links
          </Button>
          <Button disabled={people.every((p) => !p.address)} onClick={() => void close(all)}>
            Stop sharing all
          </Button>
        </div>
        <ul className="mt-5 grid gap-x-8 sm:grid-cols-2">
          {people.map(({ id, name, address }) => (
            <li
              key={id}
              className="flex min-h-24 break-inside-avoid items-center gap-4 border-t border-line py-3"
            >
              {address?.qr ? (
                <span
                  role="img"
                  aria-label={`Code for the card of ${name}`}
                  className="block size-20 shrink-0 bg-field"
                  // biome-ignore lint/security/noDangerouslySetInnerHtml: the code's own picture, made on the server
                  dangerouslySetInnerHTML={{ __html: address.qr }}
                />
              ) : (
                <span
                  aria-hidden
                  className="block size-20 shrink-0 border border-dashed border-line-strong"
                />
              )}
              <span className="min-w-0 flex-1">
                <span className="block text-sm font-semibold">{name}</span>
                {address ? (
                  <>
                    <a
                      href={address.path}
                      className="block truncate text-xs text-ink-soft underline underline-offset-3 hover:text-ink"
                    >
                      {address.url ?? address.path}
                    </a>
                    <span className="-ml-3 flex print:hidden">
                      {address.url && (
                        <Button look="bare" onClick={() => void copy(address.url!)}>
                          Copy<span className="sr-only"> the link to the card of {name}</span>
                        </Button>
                      )}
                      <Button look="bare" onClick={() => void close([id])}>
                        Stop sharing<span className="sr-only"> the card of {name}</span>
                      </Button>
                    </span>
                  </>
                ) : (
                  <Button look="bare" className="-ml-3 print:hidden" onClick={() => void open([id])}>
                    Share link<span className="sr-only"> to the card of {name}</span>
                  </Button>
                )}
              </span>
            </li>
          ))}
        </ul>
      </div>
    </PrintPage>
  );
}
