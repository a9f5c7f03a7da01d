import { createContext, type ReactNode, useContext } from "react";
import { usePreference } from "../people/preferences";

/** How close rows are: so that they are easily read and met, or so that many are seen. */
export type Density = "roomy" | "close";

/** Pixels of a row. */
const ROWS: Readonly<Record<Density, number>> = { roomy: 32, close: 25 };

const DensityContext = createContext<{
  readonly density: Density;
  readonly choose: (density: Density) => void;
}>({ density: "roomy", choose: () => {} });

/** Lets everything inside go by the density that the person has chosen; with another, all of it is measured anew. */
export function Dense({ children }: { readonly children: ReactNode }) {
  const [density, choose] = usePreference<Density>("density", "roomy");
  const property: `--${string}` = "--row";
  return (
    <DensityContext value={{ density, choose: (next) => choose(() => next) }}>
      <div key={density} className="dense" style={{ [property]: `${ROWS[density]}px` }}>
        {children}
      </div>
    </DensityContext>
  );
}

export const useDensity = () => useContext(DensityContext);

/** Pixels of a row. */
export const useRowHeight = () => ROWS[useContext(DensityContext).density];
