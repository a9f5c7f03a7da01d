/** What stands in the place of the rows where a filter finds none. */
export function NothingFound({ onShowAll }: { readonly onShowAll: () => void }) {
  return (
    <p className="nothing-found">
      No page is like that.{" "}
      <button type="button" className="plain" onClick={onShowAll}>
        Show all pages
      </button>
    </p>
  );
}
