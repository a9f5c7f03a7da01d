import { Input, Select } from "antd";
import { useId } from "react";
import type { ImportChoice, ImportDryRun } from "../api/client";
import { PageChoice } from "../menus/PageChoice";
import { useMenus } from "../menus/useMenus";
import { ifKnown } from "../shared/answer";
import type { WorkingCopy } from "../working-copy/store";

/** Where rows go, and what they are taken for. */
export type Going = Omit<ImportChoice, "without">;

type Where = "TOP" | "UNDER" | "BRANCH" | "MENU" | "NEW_MENU";

const MATCHINGS: readonly { readonly value: Going["matching"]; readonly label: string }[] = [
  { value: "ADDRESS", label: "change pages that are there already" },
  { value: "TITLE", label: "change pages that have the same title" },
  { value: "NOTHING", label: "add all as new pages" },
];

function whereOf(going: Going): Where {
  if (going.where !== "PAGES") return going.where;
  return going.page === null ? "TOP" : "UNDER";
}

/** Asks where what is read goes, as far as that is a question. */
export function WhereTo(props: {
  readonly run: ImportDryRun;
  readonly copy: WorkingCopy;
  readonly going: Going;
  readonly onGoing: (going: Going) => void;
}) {
  const { run, copy, going, onGoing } = props;
  const where = whereOf(going);
  const id = useId();
  const menus = ifKnown(useMenus(copy.revision))?.menus.menus ?? [];
  const firstMenu = menus[0]?.id ?? null;
  if (!run.pages && !run.menus) return null;
  const go = (next: Where) => {
    const named = { ...going, page: null, menu: null, name: null };
    switch (next) {
      case "TOP":
        return onGoing({ ...named, where: "PAGES" });
      case "UNDER":
        return onGoing({ ...named, where: "PAGES", page: copy.tree.home });
      case "MENU":
        return onGoing({ ...named, where: "MENU", menu: firstMenu });
      default:
        return onGoing({
          ...named,
          where: next,
          name: run.title === "" ? "Imported" : run.title.slice(0, 200),
        });
    }
  };
  return (
    <div className="where-to">
      <label htmlFor={id}>Where it goes</label>
      <Select<Where>
        id={id}
        popupMatchSelectWidth={false}
        value={where}
        onChange={go}
        options={[
          { value: "TOP", label: run.pages ? "into the page tree" : "as new menus" },
          ...(run.pages
            ? [
                { value: "UNDER" as const, label: "under a page" },
                { value: "BRANCH" as const, label: "under a new page" },
              ]
            : []),
          ...(firstMenu === null ? [] : [{ value: "MENU" as const, label: "into a menu, as items" }]),
          { value: "NEW_MENU", label: "as one new menu" },
        ]}
      />
      {where === "UNDER" && (
        <PageChoice
          id={`${id}-page`}
          label="The page"
          copy={copy}
          value={going.page}
          onChange={(page) => onGoing({ ...going, page })}
        />
      )}
      {where === "MENU" && (
        <Select
          aria-label="The menu"
          popupMatchSelectWidth={false}
          value={going.menu}
          onChange={(menu) => onGoing({ ...going, menu })}
          options={menus.map((menu) => ({ value: menu.id, label: menu.name }))}
        />
      )}
      {(where === "BRANCH" || where === "NEW_MENU") && (
        <Input
          aria-label={where === "BRANCH" ? "Title of the new page" : "Name of the new menu"}
          value={going.name ?? ""}
          onChange={(event) => onGoing({ ...going, name: event.target.value })}
        />
      )}
      {run.pages && going.where !== "MENU" && going.where !== "NEW_MENU" && (
        <>
          <label htmlFor={`${id}-matching`}>and</label>
          <Select
            id={`${id}-matching`}
            popupMatchSelectWidth={false}
            value={going.matching}
            onChange={(matching) => onGoing({ ...going, matching })}
            options={[...MATCHINGS]}
          />
        </>
      )}
    </div>
  );
}
