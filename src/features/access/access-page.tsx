"use client";

import { SiteHeader } from "@/features/shared/site-header";
import type { ListedAccount } from "@/server/access/accounts";
import type { Addresses } from "@/server/access/addresses";
import type { ListedDevice } from "@/server/access/devices";
import type { TakenOut } from "@/server/access/taken-out";
import { When } from "@/ui/when";
import { AddressList } from "./address-list";
import { DeviceList } from "./device-list";
import { PeopleList } from "./people-list";

/** Who gets in: people, devices, and addresses that need no sign-in; and what was taken out by whom. */
export function AccessPage({
  isOwner,
  isOpen,
  isSecure,
  own,
  accounts,
  devices,
  addresses,
  taken,
  athletes,
}: {
  isOwner: boolean;
  /** Whether other machines reach this server, so that everybody signs in. */
  isOpen: boolean;
  /** Whether what is sent is so that nobody on the way can read it. */
  isSecure: boolean;
  /** The account that looks; null: a device, or nobody signs in here. */
  own: string | null;
  accounts: readonly ListedAccount[];
  devices: readonly ListedDevice[];
  addresses: Addresses;
  taken: readonly TakenOut[];
  athletes: readonly { id: string; name: string; group: string }[];
}) {
  return (
    <div className="min-h-dvh">
      <SiteHeader at="/access" />
      <main id="content" className="mx-auto max-w-[80rem] px-4 pt-7 pb-16 sm:px-7">
        <h1 className="text-[2.125rem] leading-tight font-extrabold tracking-tight">Access</h1>
        <p className="max-w-prose text-sm text-ink-soft">
          {isOpen
            ? "Other machines reach this gym, so everybody signs in or is let in by a code."
            : "Only this machine reaches Iron Step, and nobody signs in. Started with HOST=0.0.0.0 it is open to tablets and phones, and then everybody signs in."}
        </p>
        {isOpen && !isSecure && (
          <p className="mt-3 w-fit max-w-prose bg-ochre-wash px-3 py-2">
            Without https anybody on this network can read along, and tablets keep no floor pages for when the
            wireless drops. “npm run certificate” on this machine makes a certificate and says how to use it.
          </p>
        )}
        <div className="mt-7 grid gap-x-12 gap-y-10 lg:grid-cols-2">
          <div className="min-w-0 space-y-10">
            {isOwner && <PeopleList accounts={accounts} own={own} isOpen={isOpen} />}
            <DeviceList devices={devices} athletes={athletes} isOpen={isOpen} />
          </div>
          <div className="min-w-0 space-y-10">
            <AddressList addresses={addresses} />
            {isOwner && <TakenOutList taken={taken} />}
          </div>
        </div>
      </main>
    </div>
  );
}

/** What was taken out of the gym lately: by whom, and when. */
function TakenOutList({ taken }: { taken: readonly TakenOut[] }) {
  return (
    <section aria-label="Taken out lately">
      <h2 className="section-title mb-1">Taken out lately</h2>
      {taken.length === 0 && (
        <p className="border-t border-line pt-2 text-ink-soft">
          No backup, table, report or data file has been taken out yet.
        </p>
      )}
      <ul className="max-h-80 overflow-auto">
        {taken.map((t) => (
          <li key={t.id} className="flex gap-4 border-t border-line py-1.5">
            <span className="w-28 shrink-0 text-ink-soft tabular-nums">
              <When at={t.at} />
            </span>
            <span className="min-w-0">
              <span className="font-semibold">{t.what}</span>{" "}
              <span className="text-ink-soft">by {t.who}</span>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
