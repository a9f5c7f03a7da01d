import type { ChangeDto } from "../api/client";
import { CommonChoice } from "../shared/Mixed";
import type { Page } from "../working-copy/tree";

/** What search engines are told of pages; nothing of those that have nothing to list, or that only members get. */
export function SearchEngines(props: {
  readonly pages: readonly Page[];
  readonly onChange: (change: ChangeDto) => void;
}) {
  const pages = props.pages.filter(
    (page) => page.kind !== "GROUP" && page.kind !== "NOT_FOUND" && !page.membersOnly,
  );
  const it = pages.length === 1 ? "it" : "them";
  return (
    pages.length > 0 && (
      <CommonChoice<"MAY_LIST" | "MAY_NOT">
        id="search-engines-label"
        label="Search engines"
        values={pages.map((page) => (page.keptFromSearchEngines ? "MAY_NOT" : "MAY_LIST"))}
        options={[
          { value: "MAY_LIST", label: `May list ${it}` },
          { value: "MAY_NOT", label: `Asked not to list ${it}` },
        ]}
        onChoose={(chosen) =>
          props.onChange({
            kind: "setSearchEngines",
            pages: pages.map((page) => page.id),
            mayList: chosen === "MAY_LIST",
          })
        }
      />
    )
  );
}
