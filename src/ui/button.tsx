import { cva, type VariantProps } from "class-variance-authority";
import type { ComponentProps } from "react";

const button = cva(
  "inline-flex min-h-8 pointer-coarse:min-h-11 items-center justify-center gap-1.5 rounded-sm px-3 font-semibold motion-safe:transition-colors disabled:opacity-40",
  {
    variants: {
      look: {
        main: "bg-ember text-chalk hover:bg-ember-deep",
        quiet: "border border-line-strong text-ink hover:border-ink hover:bg-chalk-deep",
        bare: "text-ink-soft hover:bg-chalk-deep hover:text-ink",
      },
    },
    defaultVariants: { look: "quiet" },
  },
);

type ButtonProps = ComponentProps<"button"> & VariantProps<typeof button>;

/** A button with words. */
export function Button({ look, className, type = "button", ...props }: ButtonProps) {
  return <button type={type} className={button({ look, className })} {...props} />;
}

type IconButtonProps = ComponentProps<"button"> & { label: string; keys?: string };

/** A button with an icon; its label is read out and shown as a tip. */
export function IconButton({ label, keys, className = "", type = "button", ...props }: IconButtonProps) {
  return (
    <button
      type={type}
      aria-label={label}
      title={keys ? `${label} (${keys})` : label}
      className={`inline-flex size-8 pointer-coarse:size-11 shrink-0 items-center justify-center rounded-sm text-ink-soft motion-safe:transition-colors hover:bg-chalk-deep hover:text-ink disabled:opacity-35 disabled:hover:bg-transparent ${className}`}
      {...props}
    />
  );
}
