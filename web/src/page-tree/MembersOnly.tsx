import type { ChangeDto } from "../api/client";
import { CommonChoice } from "../shared/Mixed";
import { MembersMark } from "../shared/marks";
import type { Page } from "../working-copy/tree";

/** Whether pages are for members only; nothing about those that are there for all visitors, always. */
export function MembersOnly(props: {
  readonly pages: readonly Page[];
  readonly home: string | null;
  readonly onChange: (change: ChangeDto) => void;
}) {
  const pages = props.pages.filter(
    (page) => page.id !== props.home && page.kind !== "SIGN_IN" && page.kind !== "NOT_FOUND",
  );
  return (
    pages.length > 0 && (
      <CommonChoice<"ALL" | "MEMBERS">
        id="members-label"
        label="For"
        values={pages.map((page) => (page.membersOnly ? "MEMBERS" : "ALL"))}
        options={[
          { value: "ALL", label: "Everyone" },
          { value: "MEMBERS", label: "Members only", icon: <MembersMark /> },
        ]}
        onChoose={(chosen) =>
          props.onChange({
            kind: "setMembersOnly",
            pages: pages.map((page) => page.id),
            membersOnly: chosen === "MEMBERS",
          })
        }
      />
    )
  );
}
