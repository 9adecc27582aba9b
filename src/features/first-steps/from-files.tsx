"use client";

import { FileUp } from "lucide-react";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { ImportDialog } from "@/features/athletes/import-dialog";
import { BundleImport } from "@/features/files/bundle-import";
import { Button } from "@/ui/button";

/** The other way in: what a coach has in files already. */
export function FromFiles() {
  const router = useRouter();
  const [isImporting, setImporting] = useState(false);
  return (
    <section
      aria-label="From files"
      className="mt-12 grid gap-x-12 gap-y-8 border-t border-line pt-6 md:grid-cols-2"
    >
      <div>
        <h2 className="section-title mb-1">Athletes from a table</h2>
        <p className="mb-3 text-ink-soft">
          Names, groups and working weights from CSV or Excel, looked at first.
        </p>
        <Button onClick={() => setImporting(true)}>
          <FileUp aria-hidden className="size-4" />
          Import a file
        </Button>
        <ImportDialog open={isImporting} onOpenChange={setImporting} onDone={() => router.refresh()} />
      </div>
      <BundleImport />
    </section>
  );
}
