"use client";

import { CopyPlus, Ellipsis, LayoutTemplate, PencilLine, Repeat, Trash2, TrendingUp } from "lucide-react";
import { useRouter } from "next/navigation";
import { useRef, useState } from "react";
import { toast } from "@/client/toast";
import { answered } from "@/client/use-ask";
import type { Session, SessionEdit } from "@/core/session";
import { RaiseDialog } from "@/features/raise-weights/raise-dialog-later";
import { toastUndo } from "@/features/recent-changes/toast-undo";
import { keepTemplateAction, removeSeriesAction, removeSessionAction } from "@/server/actions/sessions";
import { later } from "@/ui/later";
import { Menu, type MenuEntry } from "@/ui/menu";
import { NameDialog } from "@/ui/name-dialog-later";
import { CopyDialog } from "./copy-dialog";

const RepeatDialog = later(() => import("./repeat-dialog").then((m) => m.RepeatDialog));

type Opened = "name" | "copy" | "template" | "raise" | "repeat" | null;

/** What else can be done with a session: another name, copies, a template, taking it out. */
export function SessionMenu({ session, onEdit }: { session: Session; onEdit: (edit: SessionEdit) => void }) {
  const router = useRouter();
  const [opened, setOpened] = useState<Opened>(null);
  const close = () => setOpened(null);
  const home = useRef<HTMLButtonElement>(null);

  const remove = async () => {
    const outcome = await answered(removeSessionAction(session.id));
    if (outcome.kind === "refused") return void toast(outcome.message);
    router.push("/");
    toastUndo(`${session.name} is deleted.`, outcome.token, () => router.push(`/session/${session.id}`));
  };

  const removeMore = async (which: "following" | "all") => {
    const outcome = await answered(removeSeriesAction({ id: session.id, which }));
    if (outcome.kind === "refused") return void toast(outcome.message);
    router.push("/");
    toastUndo(`${outcome.what}: deleted.`, outcome.token, () => router.push(`/session/${session.id}`));
  };

  const ofSeries: MenuEntry[] = [
    { label: "Delete this and the following", Icon: Trash2, onSelect: () => void removeMore("following") },
    { label: "Delete all to come", Icon: Trash2, onSelect: () => void removeMore("all") },
  ];
  const entries: MenuEntry[] = [
    { label: "Rename", Icon: PencilLine, onSelect: () => setOpened("name") },
    { label: "Change working weights", Icon: TrendingUp, onSelect: () => setOpened("raise") },
    { label: "Copy to other days", Icon: CopyPlus, onSelect: () => setOpened("copy") },
    { label: "Repeat every week", Icon: Repeat, onSelect: () => setOpened("repeat") },
    { label: "Save as template", Icon: LayoutTemplate, onSelect: () => setOpened("template") },
    "line",
    { label: session.series ? "Delete this one" : "Delete", Icon: Trash2, onSelect: () => void remove() },
    ...(session.series ? ofSeries : []),
  ];
  return (
    <>
      <Menu ref={home} label="More for this session" Icon={Ellipsis} entries={entries} />
      <RaiseDialog
        home={home}
        athleteIds={session.participants.map((p) => p.athleteId)}
        lifts={session.lifts.map((l) => l.lift)}
        open={opened === "raise"}
        onOpenChange={(open) => !open && close()}
        onDone={() => router.refresh()}
      />
      <RepeatDialog
        home={home}
        session={session}
        open={opened === "repeat"}
        onOpenChange={(open) => !open && close()}
      />
      <CopyDialog
        home={home}
        session={session}
        open={opened === "copy"}
        onOpenChange={(open) => !open && close()}
      />
      <NameDialog
        title="Rename"
        label="Name of the session"
        name={session.name}
        action="Rename"
        open={opened === "name"}
        home={home}
        onClose={close}
        onTake={(name) => {
          onEdit({ kind: "frame", change: { name } });
          return null;
        }}
      />
      <NameDialog
        title="Save as template"
        label="Name of the template"
        name=""
        note="Saves lifts, sets, time, approach and drills, without day and people. It replaces a template of the same name."
        action="Save"
        open={opened === "template"}
        home={home}
        onClose={close}
        onTake={async (name) => {
          const outcome = await answered(keepTemplateAction({ sessionId: session.id, name }));
          if (outcome.kind !== "kept") return outcome.message;
          toast(`Saved as "${name}".`);
          return null;
        }}
      />
    </>
  );
}
