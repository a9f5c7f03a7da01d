import { Button } from "antd";
import type { ChangeDto } from "../api/client";
import { Group } from "../shared/Group";
import { KeptField } from "../shared/KeptField";
import { CommonChoice } from "../shared/Mixed";
import type { WorkingCopy } from "../working-copy/store";
import { isBuiltIn, type Page } from "../working-copy/tree";
import { CommonTopics } from "./CommonTopics";
import { LayoutChoice } from "./LayoutChoice";
import { Model } from "./Model";

/** What a page is apart from where it is and who gets it. */
export function PageProperties(props: {
  readonly copy: WorkingCopy;
  readonly page: Page;
  /** Whether the change was made. */
  readonly onChange: (change: ChangeDto) => Promise<boolean>;
}) {
  const { copy, page, onChange } = props;
  const pages = [page.id];
  return (
    <Group name="page-properties" folded heading="Kind, layout, topics and date">
      <div className="fields">
        <LayoutChoice copy={copy} pages={[page]} onChange={(change) => void onChange(change)} />
        {!isBuiltIn(page) && (
          <>
            <CommonTopics copy={copy} pages={[page]} onChange={(change) => void onChange(change)} />
            <label htmlFor="date">Date</label>
            <KeptField
              id="date"
              type="date"
              value={page.date ?? ""}
              onKeep={(date) => onChange({ kind: "setDate", pages, date: date || null })}
            />
          </>
        )}
        {!isBuiltIn(page) && copy.tree.home !== page.id && (
          <>
            <CommonChoice<"PAGE" | "GROUP">
              id="kind-label"
              label="It is"
              values={[page.kind === "GROUP" ? "GROUP" : "PAGE"]}
              options={[
                { value: "PAGE", label: "A page with content" },
                { value: "GROUP", label: "A group of pages" },
              ]}
              onChoose={(chosen) => void onChange({ kind: "setGroup", pages, group: chosen === "GROUP" })}
            />
            {page.kind !== "GROUP" && (
              <>
                <span>Home page</span>
                <span>
                  <Button size="small" onClick={() => void onChange({ kind: "setHome", page: page.id })}>
                    Make it the home page
                  </Button>
                </span>
              </>
            )}
          </>
        )}
        <Model pages={[page]} onChange={(change) => void onChange(change)} />
        {page.summary && (
          <>
            <span>Summary</span>
            <span>{page.summary}</span>
          </>
        )}
      </div>
    </Group>
  );
}
