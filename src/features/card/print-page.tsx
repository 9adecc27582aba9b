import { ArrowLeft } from "lucide-react";
import type { ReactNode } from "react";
import { Link } from "@/ui/link";
import { PrintButton } from "@/ui/print-button";

const FILE = "text-ink-soft underline underline-offset-4 hover:text-ink";

/** A page that is looked at before it is printed, with the way back and the files that it comes as. */
export function PrintPage({
  back,
  files,
  children,
  wide = false,
  print = "main",
}: {
  back: { href: string; name: string };
  files: readonly { href: string; name: string }[];
  children: ReactNode;
  /** Whether it is printed across. */
  wide?: boolean;
  /** Whether printing is the main thing to do here. */
  print?: "main" | "quiet";
}) {
  return (
    <div className={`min-h-dvh bg-chalk-deep print:bg-field ${wide ? "page-wide" : ""}`}>
      <header
        className={`mx-auto flex flex-wrap items-center justify-between gap-3 px-4 py-4 print:hidden ${wide ? "max-w-[75rem]" : "max-w-[50rem]"}`}
      >
        <Link
          href={back.href}
          className="inline-flex min-h-8 items-center gap-1.5 font-semibold hover:text-ember"
        >
          <ArrowLeft aria-hidden className="size-4" />
          {back.name}
        </Link>
        <span className="flex items-center gap-4">
          {files.map(({ href, name }) => (
            <a key={href} href={href} className={FILE}>
              {name}
            </a>
          ))}
          <PrintButton look={print} />
        </span>
      </header>
      <main
        id="content"
        className={`mx-auto space-y-6 pb-10 print:max-w-none print:space-y-0 print:pb-0 ${wide ? "max-w-[75rem]" : "max-w-[50rem]"}`}
      >
        {children}
      </main>
    </div>
  );
}
