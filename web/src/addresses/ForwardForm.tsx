import { Button, Checkbox, Input, Segmented } from "antd";
import { useState } from "react";
import type { ChangeDto, ForwardSource, ForwardTarget } from "../api/client";
import { PageChoice } from "../menus/PageChoice";
import { Problem } from "../shared/Problem";
import type { Result, WorkingCopy } from "../working-copy/store";

/** A listing is led to by renaming its topic. */
type Kind = Exclude<ForwardTarget["kind"], "TOPIC">;

/** An address, and where it leads by the owner's will. */
export type Forwarded = { readonly from: ForwardSource; readonly to: ForwardTarget | null };

/** Says where an address leads that no page has. */
export function ForwardForm(props: {
  readonly copy: WorkingCopy;
  /** An address that leads somewhere already; null for another. */
  readonly forwarded: Forwarded | null;
  readonly onKeep: (changes: readonly ChangeDto[]) => Promise<Result>;
  readonly onLeave: () => void;
}) {
  const { from = null, to: before = null } = props.forwarded ?? {};
  const [address, setAddress] = useState(from?.address ?? "");
  const [beneath, setBeneath] = useState(from?.kind === "BENEATH");
  const [kind, setKind] = useState<Kind>(before && before.kind !== "TOPIC" ? before.kind : "PAGE");
  const [page, setPage] = useState<string | null>(before?.page ?? null);
  const [outside, setOutside] = useState(before?.address ?? "");
  const [problem, setProblem] = useState<string | null>(null);
  const to = targetOf(kind, page, outside);
  const keep = async () => {
    if (!to) return setProblem(kind === "PAGE" ? "Choose the page it leads to." : "Type where it leads.");
    const source: ForwardSource = { kind: beneath ? "BENEATH" : "AT", address, page: null, topic: null };
    const another = from !== null && (from.kind !== source.kind || from.address !== address);
    const result = await props.onKeep([
      ...(another ? [{ kind: "setForward" as const, from, to: null }] : []),
      { kind: "setForward", from: source, to },
    ]);
    setProblem(result.ok ? null : result.sentence);
    if (result.ok) {
      setAddress("");
      setPage(null);
      setOutside("");
    }
  };
  return (
    <form
      className="forward"
      aria-label={from ? `Forward ${from.address}` : "Forward an address"}
      onSubmit={(event) => {
        event.preventDefault();
        void keep();
      }}
    >
      <label htmlFor="forward-from">Forward</label>
      <Input
        id="forward-from"
        value={address}
        placeholder="/old-page"
        autoFocus={from !== null}
        onChange={(event) => {
          setAddress(event.target.value);
          setProblem(null);
        }}
      />
      <Checkbox checked={beneath} onChange={(event) => setBeneath(event.target.checked)}>
        and all beneath it
      </Checkbox>
      <Segmented<Kind>
        value={kind}
        aria-label="Where it leads"
        onChange={setKind}
        options={[
          { value: "PAGE", label: "to a page" },
          { value: "OUTSIDE", label: "to another site" },
          { value: "GONE", label: "nowhere: it is gone" },
        ]}
      />
      {kind === "PAGE" && (
        <PageChoice
          id="forward-to"
          label="The page it leads to"
          copy={props.copy}
          value={page}
          onChange={setPage}
        />
      )}
      {kind === "OUTSIDE" && (
        <Input
          value={outside}
          aria-label="The address it leads to"
          placeholder="https://…"
          onChange={(event) => setOutside(event.target.value)}
        />
      )}
      <Button type="primary" htmlType="submit" disabled={address.trim() === ""}>
        {from ? "Change it" : "Add"}
      </Button>
      {from && (
        <Button type="text" onClick={props.onLeave}>
          Cancel
        </Button>
      )}
      <Problem sentence={problem} />
    </form>
  );
}

function targetOf(kind: Kind, page: string | null, outside: string): ForwardTarget | null {
  switch (kind) {
    case "PAGE":
      return page === null ? null : { kind, page, topic: null, address: null };
    case "OUTSIDE":
      return outside.trim() === "" ? null : { kind, page: null, topic: null, address: outside };
    case "GONE":
      return { kind, page: null, topic: null, address: null };
  }
}
