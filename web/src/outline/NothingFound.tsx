import "./outline.css";

/** What stands in the place of the rows where nothing is found. */
export function NothingFound({
  what,
  onShowAll,
}: {
  readonly what: "page" | "item";
  readonly onShowAll: () => void;
}) {
  return (
    <p className="nothing-found">
      No {what} is like that.{" "}
      <button type="button" className="plain" onClick={onShowAll}>
        Show all {what}s
      </button>
    </p>
  );
}
