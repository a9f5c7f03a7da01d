import { Segmented, Select } from "antd";
import type { ChangeDto, JoiningDto, MenuDto } from "../api/client";
import type { WorkingCopy } from "../working-copy/store";
import { PageChoice } from "./PageChoice";

/** Which new open pages come into a menu by themselves, and where they stand then. */
export function JoiningFields(props: {
  readonly copy: WorkingCopy;
  readonly menu: MenuDto;
  readonly send: (change: ChangeDto) => Promise<boolean>;
}) {
  const { copy, menu, send } = props;
  const { joining } = menu;
  const set = (part: Partial<JoiningDto>) =>
    void send({ kind: "setJoining", menu: menu.id, joining: { ...joining, ...part } });
  return (
    <div className="fields">
      <label htmlFor="joins">Join it</label>
      <Select<JoiningDto["from"]>
        id="joins"
        value={joining.from}
        onChange={(from) => set({ from, section: from === "SECTION" ? copy.tree.home : null })}
        options={[
          { value: "NOWHERE", label: "Only when you add them" },
          { value: "TOP_LEVEL", label: "From the top level" },
          { value: "SECTION", label: "From under a page" },
          { value: "EVERYWHERE", label: "From the whole site" },
        ]}
      />
      {joining.from === "SECTION" && (
        <>
          <label htmlFor="joins-under">Page</label>
          <PageChoice
            id="joins-under"
            copy={copy}
            value={joining.section}
            onChange={(section) => set({ section })}
          />
        </>
      )}
      {joining.from !== "NOWHERE" && (
        <>
          <span id="joins-at">Where</span>
          <Segmented<JoiningDto["spot"]>
            aria-labelledby="joins-at"
            value={joining.spot}
            onChange={(spot) => set({ spot })}
            options={[
              { value: "AS_IN_TREE", label: "Where the tree has them" },
              { value: "AT_END", label: "At the end" },
            ]}
          />
        </>
      )}
    </div>
  );
}
