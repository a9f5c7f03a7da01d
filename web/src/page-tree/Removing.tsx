import { useQuery } from "@tanstack/react-query";
import { Button } from "antd";
import { api, type ChangeDto } from "../api/client";
import { Group } from "../shared/Group";
import { newId } from "../shared/ids";
import { useLater } from "../shared/useLater";
import type { WorkingCopy } from "../working-copy/store";
import { childrenOf, pageOf } from "../working-copy/tree";
import { Lock } from "./Lock";

/** Removing a page, with what else it would mean said before. */
export function Removing(props: {
  readonly copy: WorkingCopy;
  readonly page: string;
  readonly onChange: (change: ChangeDto) => void;
}) {
  const { copy, page } = props;
  const { locked } = pageOf(copy.tree, page);
  const subpages = childrenOf(copy.tree, page).length;
  const change = (what: "GO_TOO" | "MOVE_UP"): ChangeDto => ({
    kind: "removePages",
    removal: newId(),
    pages: [page],
    subpages: what,
  });
  const rested = useLater(copy.revision, 300);
  const would = useQuery({
    queryKey: ["would-remove", page, rested],
    queryFn: () => api.would(newId(), rested, [change("GO_TOO")]),
    placeholderData: (previous) => previous,
    retry: false,
  });
  return (
    <Group name="page-removing" heading="Removing it">
      <div className="fields">
        <Lock pages={[pageOf(copy.tree, page)]} onChange={props.onChange} />
      </div>
      <p className="hint">
        {would.data?.refused ??
          `${would.data?.told.slice(1).join(" ") || "Nothing else is affected."} The bin keeps it.`}
      </p>
      <div className="choices">
        <Button
          size="small"
          disabled={!!would.data?.refused}
          onClick={() => props.onChange(change("GO_TOO"))}
        >
          {subpages === 0 ? "To the bin" : "To the bin with its subpages"}
        </Button>
        {subpages > 0 && (
          <Button size="small" disabled={locked} onClick={() => props.onChange(change("MOVE_UP"))}>
            To the bin, its subpages move up
          </Button>
        )}
      </div>
    </Group>
  );
}
