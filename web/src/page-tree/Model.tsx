import type { ChangeDto } from "../api/client";
import { CommonChoice } from "../shared/Mixed";
import type { Page } from "../working-copy/tree";

/** Whether new pages can be made from pages; nothing about built-in ones and groups, which have nothing on them. */
export function Model(props: {
  readonly pages: readonly Page[];
  readonly onChange: (change: ChangeDto) => void;
}) {
  const pages = props.pages.filter((page) => page.kind === "PAGE");
  return (
    pages.length > 0 && (
      <CommonChoice<"NO" | "MODEL">
        id="model-label"
        label="New pages"
        values={pages.map((page) => (page.model ? "MODEL" : "NO"))}
        options={[
          { value: "NO", label: "Are not made from it" },
          { value: "MODEL", label: "Can be made from it" },
        ]}
        onChoose={(chosen) =>
          props.onChange({
            kind: "setModel",
            pages: pages.map((page) => page.id),
            model: chosen === "MODEL",
          })
        }
      />
    )
  );
}
