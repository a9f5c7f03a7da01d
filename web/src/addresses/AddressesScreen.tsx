import { Button, Input, Segmented } from "antd";
import { useState } from "react";
import { Link } from "react-router";
import { type AddressAnswerDto, type AddressDto, api, type ForwardSource } from "../api/client";
import { useMayEdit } from "../people/mayEdit";
import { Answered, useAnswer } from "../shared/answer";
import { counted } from "../shared/counted";
import { LedgerHead } from "../shared/LedgerHead";
import { Problem } from "../shared/Problem";
import type { WorkingCopy, WorkingCopyStore } from "../working-copy/store";
import { type Forwarded, ForwardForm } from "./ForwardForm";
import "./addresses.css";

export type Which = "ALL" | "PUBLIC" | "CHANGING" | "BY_HAND";

/** Milliseconds that typing has to rest before it is looked for. */
const REST = 150;

/** Every address the site has, had or forwards: what it answers now, and once all is published. */
export default function AddressesScreen(props: {
  readonly copy: WorkingCopy;
  readonly store: WorkingCopyStore;
}) {
  const { copy, store } = props;
  const [words, setWords] = useState("");
  const [which, setWhich] = useState<Which>("ALL");
  /** How many of them are asked for. */
  const [pages, setPages] = useState(1);
  const [changing, setChanging] = useState<Forwarded | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const mayEdit = useMayEdit();
  const answer = useAnswer(
    ["addresses", which, words, String(pages)],
    `${copy.revision} ${copy.release} ${copy.turns}`,
    (signal) => api.addresses(words, which, pages, signal),
    { rest: REST, atOnce: true },
  );
  const find = (next: { words?: string; which?: Which }) => {
    setPages(1);
    if (next.words !== undefined) setWords(next.words);
    if (next.which !== undefined) setWhich(next.which);
  };
  const remove = async (from: ForwardSource) => {
    const result = await store.change({ kind: "setForward", from, to: null });
    setProblem(result.ok ? null : result.sentence);
  };
  return (
    <main className="ledger addresses">
      <div className="head">
        <h2>Addresses</h2>
        <span>every address that visitors knew forwards when its page moves</span>
      </div>
      <div className="finder">
        <Input
          value={words}
          aria-label="Find an address"
          placeholder="Find an address or a page…"
          allowClear
          onChange={(event) => find({ words: event.target.value })}
        />
        <Segmented<Which>
          value={which}
          aria-label="Which addresses"
          onChange={(chosen) => find({ which: chosen })}
          options={[
            { value: "ALL", label: "All" },
            { value: "PUBLIC", label: "Visitors know" },
            { value: "CHANGING", label: "Change when you publish" },
            { value: "BY_HAND", label: "Forwarded by you" },
          ]}
        />
      </div>
      {mayEdit && (
        <ForwardForm
          key={changing ? `${changing.from.kind} ${changing.from.address}` : "new"}
          copy={copy}
          forwarded={changing}
          onKeep={async (changes) => {
            const result = await store.change(...changes);
            if (result.ok) setChanging(null);
            return result;
          }}
          onLeave={() => setChanging(null)}
        />
      )}
      <Problem sentence={problem} />
      <Answered answer={answer} what="the addresses">
        {({ rows, found }) =>
          rows.length === 0 ? (
            <p>{nothing(words, which)}</p>
          ) : (
            <>
              <table>
                <LedgerHead
                  columns={[
                    counted(found, "# address", "# addresses"),
                    "Visitors get now",
                    "After you publish",
                  ]}
                  last="Change it"
                />
                <tbody>
                  {rows.map((row) => (
                    <Row
                      key={`${row.address} ${row.beneath}`}
                      row={row}
                      onChange={mayEdit ? setChanging : null}
                      onRemove={(from) => void remove(from)}
                    />
                  ))}
                </tbody>
              </table>
              {found > rows.length && (
                <p>
                  <Button onClick={() => setPages(pages + 1)}>Show more of them</Button>{" "}
                  <span className="hint">{rows.length} are shown. Typing finds the others.</span>
                </p>
              )}
            </>
          )
        }
      </Answered>
    </main>
  );
}

function nothing(words: string, which: Which): string {
  if (words !== "") return "No address reads like that.";
  switch (which) {
    case "ALL":
      return "There is no page yet, and so no address.";
    case "PUBLIC":
      return "Nothing was published yet, so visitors know no address.";
    case "CHANGING":
      return "No address changes when you publish.";
    case "BY_HAND":
      return "You have not forwarded any address yet.";
  }
}

function Row(props: {
  readonly row: AddressDto;
  readonly onChange: ((forwarded: Forwarded) => void) | null;
  readonly onRemove: (from: ForwardSource) => void;
}) {
  const { row, onChange, onRemove } = props;
  const { byHand } = row;
  const changes = row.now.kind !== row.next.kind || row.now.words !== row.next.words;
  const held = row.next.kind === "SHOWS" || row.next.kind === "LISTS" || row.next.kind === "WITHHELD";
  const name = row.beneath ? `${row.address}/…` : row.address;
  return (
    <tr>
      <th scope="row">{name}</th>
      <td>
        <Says answer={row.now} />
      </td>
      <td className={changes ? "waits" : ""}>{changes ? <Says answer={row.next} /> : "the same"}</td>
      <td>
        {onChange && !held && (
          <Button
            size="small"
            aria-label={`Forward ${name}`}
            onClick={() =>
              onChange({
                from: byHand ?? {
                  kind: row.beneath ? "BENEATH" : "AT",
                  address: row.address,
                  page: null,
                  topic: null,
                },
                to: row.leads,
              })
            }
          >
            {byHand ? "Change" : "Forward…"}
          </Button>
        )}
        {onChange && byHand && (
          <Button
            size="small"
            aria-label={`Remove the forward from ${name}`}
            onClick={() => onRemove(byHand)}
          >
            Remove
          </Button>
        )}
      </td>
    </tr>
  );
}

/** What an address answers. */
function Says({ answer }: { readonly answer: AddressAnswerDto }) {
  const page = answer.page ? <Link to={`/pages/${answer.page}`}>{answer.words}</Link> : answer.words;
  switch (answer.kind) {
    case "SHOWS":
      return <>the page {page}</>;
    case "WITHHELD":
      return <>“Not found”, since {page} cannot be seen</>;
    case "LISTS":
      return <>the listing of {answer.words}</>;
    case "LEADS_TO_LISTING":
      return <>leads to the listing of {answer.words}</>;
    case "LEADS_TO":
      return <>leads to {page}</>;
    case "LEADS_OUT":
      return <>leads to {answer.words}</>;
    case "GONE":
      return <>“No longer here”</>;
    case "NOTHING":
      return <span className="hint">“Not found”</span>;
  }
}
