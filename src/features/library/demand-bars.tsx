import { DEMAND_IDS, DEMANDS, type DemandWeights } from "@/core/demands";

const MOST = 3;

/** Demands with how much of each, 1 to 3, the most first. */
export function DemandBars({ weights }: { weights: DemandWeights }) {
  const demands = DEMAND_IDS.filter((d) => weights[d]).sort((a, b) => weights[b]! - weights[a]!);
  return (
    <ul className="max-w-md">
      {demands.map((d) => (
        <li key={d} className="grid grid-cols-[minmax(0,1fr)_6rem] items-center gap-3 py-1">
          <span>{DEMANDS[d].name}</span>
          <span role="img" aria-label={`${weights[d]} of ${MOST}`} className="flex gap-1">
            {[1, 2, 3].map((step) => (
              <span
                key={step}
                className={`h-2 flex-1 ${step <= weights[d]! ? "bg-ochre-deep" : "bg-line"}`}
              />
            ))}
          </span>
        </li>
      ))}
    </ul>
  );
}
