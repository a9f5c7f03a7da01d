import { Button } from "antd";
import type { ChangeDto, PageCardDto, TriedDto } from "../api/client";
import { type Answer, Answered } from "../shared/answer";
import { counted } from "../shared/counted";
import { Group } from "../shared/Group";
import { newId } from "../shared/ids";
import type { WorkingCopy } from "../working-copy/store";
import { childrenOf, pageOf } from "../working-copy/tree";
import { Lock } from "./Lock";

/** Removing a page, with what else it would mean said before. */
export function Removing(props: {
  readonly copy: WorkingCopy;
  readonly page: string;
  readonly answer: Answer<PageCardDto | null>;
  readonly onChange: (change: ChangeDto) => void;
}) {
  const { copy, page } = props;
  const subpages = childrenOf(copy.tree, page).length;
  const remove = (what: "GO_TOO" | "MOVE_UP") =>
    props.onChange({ kind: "removePages", removal: newId(), pages: [page], subpages: what });
  return (
    <Group name="page-removing" folded heading="Remove">
      <div className="fields">
        <Lock pages={[pageOf(copy.tree, page)]} onChange={props.onChange} />
      </div>
      <Answered answer={props.answer} what="what else would change">
        {(known) =>
          known && (
            <>
              <Way
                name={
                  subpages === 0
                    ? "Remove this page"
                    : `Remove with ${counted(subpages, "its subpage", "its # subpages")}`
                }
                tried={known.removal}
                onRemove={() => remove("GO_TOO")}
              />
              {known.removalAlone && (
                <Way
                  name="Remove, subpages move up"
                  tried={known.removalAlone}
                  onRemove={() => remove("MOVE_UP")}
                />
              )}
            </>
          )
        }
      </Answered>
    </Group>
  );
}

function Way(props: { readonly name: string; readonly tried: TriedDto; readonly onRemove: () => void }) {
  const { told, refused } = props.tried;
  const effects = told.slice(1).join(" ") || "Nothing else changes.";
  return (
    <div className="way-to-remove">
      <Button size="small" danger disabled={refused !== null} onClick={props.onRemove}>
        {props.name}
      </Button>
      <span className="hint">{refused ?? `${effects} The bin keeps it.`}</span>
    </div>
  );
}
