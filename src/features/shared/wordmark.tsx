/** The name of the app with its sign: three steps. */
export function Wordmark() {
  return (
    <span className="flex min-h-8 items-center gap-2 leading-none">
      <svg aria-hidden width="20" height="18" viewBox="0 0 20 18">
        <path d="M0 18V13H6V18Z" className="fill-[rgb(96_114_134)]" />
        <path d="M7 18V7H13V18Z" className="fill-[rgb(200_136_40)]" />
        <path d="M14 18V0H20V18Z" className="fill-ember" />
      </svg>
      <span className="text-[15px] font-extrabold tracking-tight [font-stretch:112%]">Iron Step</span>
    </span>
  );
}
