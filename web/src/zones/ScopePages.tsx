import { Select } from "antd";
import { useMemo } from "react";
import type { ScopeDto, ZonesDto } from "../api/client";
import type { Result, WorkingCopy, WorkingCopyStore } from "../working-copy/store";
import { pageOptions } from "../working-copy/tree";
import { pagesScope, scopeKey } from "./scopes";

/** The pages that an exception is for. With others, all that it says in any zone is for those. */
export function ScopePages(props: {
  readonly copy: WorkingCopy;
  readonly store: WorkingCopyStore;
  readonly table: ZonesDto;
  readonly scope: ScopeDto;
  readonly onScope: (scope: ScopeDto) => void;
  readonly onResult: (result: Result) => void;
}) {
  const { copy, store, table, scope } = props;
  const { tree } = copy;
  const options = useMemo(() => pageOptions(tree), [tree]);
  const change = async (pages: readonly string[]) => {
    if (pages.length === 0) return; // an exception is for some page; without any, there is none
    const next = pagesScope(pages);
    const said = table.rows.find((row) => scopeKey(row.scope) === scopeKey(scope))?.cells ?? [];
    if (said.length === 0) return props.onScope(next);
    const result = await store.change(
      ...said.map(({ zone }) => ({ kind: "assignMenus", zone, scope, says: null }) as const),
      ...said.map(({ zone, says }) => ({ kind: "assignMenus", zone, scope: next, says }) as const),
    );
    props.onResult(result);
    if (result.ok) props.onScope(next);
  };
  return (
    <div className="fields">
      <label htmlFor="scope-pages">Pages</label>
      <Select<string[]>
        id="scope-pages"
        mode="multiple"
        optionFilterProp="label"
        optionLabelProp="title"
        value={[...(scope.pages ?? [])]}
        onChange={(pages) => void change(pages)}
        options={options}
      />
    </div>
  );
}
