import { Problem } from "../shared/Problem";
import { type Drawing, Drawn } from "./Drawn";
import { type Pointed, useFrame } from "./useFrame";

/** Nothing is selected. */
export const NOTHING: Pointed = { menu: null, item: null, page: null };

/** What is looked at, and who hears of what becomes of it. */
export type Looking = Omit<
  Parameters<typeof useFrame>[0],
  "pointed" | "choosing" | "onChoose" | "onKey" | "onAt"
>;

/** What visitors get now, to be compared with what they would get. */
export function LiveBeside(props: { readonly looking: Looking; readonly drawing: Drawing }) {
  const { ref, ...frame } = useFrame({
    ...props.looking,
    as: { ...props.looking.as, live: true },
    pointed: NOTHING,
    choosing: false,
    onChoose: () => {},
    onKey: () => {},
    onAt: () => {},
  });
  return (
    <div>
      <Problem sentence={frame.problem} />
      {frame.source && (
        <Drawn
          key={frame.key}
          {...props.drawing}
          frameRef={ref}
          title="The live visitor site"
          source={frame.source}
        />
      )}
    </div>
  );
}
