"use client";

import { ChevronDown, ScanEye } from "lucide-react";
import { Popover } from "radix-ui";
import type { ComponentProps } from "react";
import type { KnownTest, TestStep } from "@/core/drills";
import { formatSeconds } from "@/core/units";
import type { TestFields as Fields } from "@/features/shared/test-fields";
import { later } from "@/ui/later";

const TestFields = later(() => import("@/features/shared/test-fields").then((m) => m.TestFields));

/** A test that everybody does, in its place among the shared drills; opened, it can be changed for all. */
export function SharedTest({
  test: { index: _, drill, ...test },
  ...of
}: { test: KnownTest } & Pick<ComponentProps<typeof Fields>, "drills" | "onChange" | "onDrop">) {
  const step: TestStep = { ...test, drill: drill.id };
  return (
    <li className="grid grid-cols-[2rem_1.25rem_minmax(0,1fr)_auto] gap-x-2 border-t border-line py-1">
      <span />
      <ScanEye aria-hidden className="mt-2 size-4 text-ink-faint" />
      <span className="min-w-0 pt-1.5">
        <span className="font-semibold">{drill.name}</span>{" "}
        <span className="condensed text-ink-faint">Test</span>
        {test.looksFor && <span className="block text-xs text-ink-soft">{test.looksFor}</span>}
      </span>
      <Popover.Root>
        <Popover.Trigger
          aria-label={`Test ${drill.name}: ${formatSeconds(test.seconds)}`}
          className="condensed flex h-8 items-center gap-1 rounded-sm text-sm font-medium whitespace-nowrap hover:text-ember data-[state=open]:text-ember"
        >
          {formatSeconds(test.seconds)}
          <ChevronDown aria-hidden className="size-3 opacity-60" />
        </Popover.Trigger>
        <Popover.Portal>
          <Popover.Content
            align="end"
            sideOffset={6}
            aria-label={`Test ${drill.name}`}
            className="z-40 max-h-[70dvh] w-[min(26rem,calc(100vw-2rem))] overflow-y-auto rounded-sm border border-ink bg-field p-4 shadow-sheet"
          >
            <TestFields drill={drill} test={step} {...of} />
          </Popover.Content>
        </Popover.Portal>
      </Popover.Root>
    </li>
  );
}
