import { counted } from "../shared/counted";

/** How many rows there are, or, while something is looked for, how many are found; the latter is announced. */
export function Count(props: {
  readonly what: "page" | "item";
  /** Null while nothing is looked for. */
  readonly found: readonly string[] | null;
  readonly all: string;
}) {
  const { what, found } = props;
  return (
    <>
      {found === null && <span>{props.all}</span>}
      <span role="status">{found && counted(found.length, `# ${what} found`, `# ${what}s found`)}</span>
    </>
  );
}
