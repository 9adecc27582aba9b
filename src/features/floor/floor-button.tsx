import { cva, type VariantProps } from "class-variance-authority";
import type { ComponentProps } from "react";

const floorButton = cva(
  "inline-flex min-h-12 items-center justify-center gap-2 rounded-sm px-4 text-base font-semibold disabled:opacity-40 aria-pressed:bg-ink aria-pressed:text-chalk",
  {
    variants: {
      look: {
        main: "bg-ember text-chalk hover:bg-ember-deep",
        quiet: "border border-line-strong hover:border-ink hover:bg-chalk-deep",
        bare: "text-ink-soft hover:bg-chalk-deep hover:text-ink",
      },
      size: { usual: "", large: "min-h-16 text-xl" },
    },
    defaultVariants: { look: "quiet", size: "usual" },
  },
);

/** A button for the floor: large enough for a tap that is not aimed. */
export function FloorButton({
  look,
  size,
  className,
  type = "button",
  ...props
}: ComponentProps<"button"> & VariantProps<typeof floorButton>) {
  return <button type={type} className={floorButton({ look, size, className })} {...props} />;
}
