import { type Place, SiteHeader } from "./site-header";

/** What stands where a page of the desk will be while what it shows is worked out or read. */
export function PageLoading({ at, text = "Loading …" }: { at: Place; text?: string }) {
  return (
    <>
      <SiteHeader at={at} />
      <main id="content" className="px-4 pt-8 sm:px-7">
        <p role="status" className="text-base text-ink-soft">
          {text}
        </p>
        <div aria-hidden className="mt-6 grid max-w-5xl gap-3 motion-safe:animate-pulse">
          {["w-full", "w-11/12", "w-4/5", "w-2/3"].map((width) => (
            <span key={width} className={`h-10 rounded-sm bg-chalk-deep ${width}`} />
          ))}
        </div>
      </main>
    </>
  );
}
