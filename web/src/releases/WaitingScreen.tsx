import { Button, Input, Select } from "antd";
import { useState } from "react";
import { Link } from "react-router";
import { api, type PersonDto, type ReleaseDto } from "../api/client";
import { useMayEdit } from "../people/mayEdit";
import { AddressChanges } from "../shared/AddressChanges";
import { Answered, useAnswer } from "../shared/answer";
import { counted } from "../shared/counted";
import { Problem } from "../shared/Problem";
import { when } from "../shared/when";
import type { WorkingCopy, WorkingCopyStore } from "../working-copy/store";
import "./releases.css";

/** What waits to be published, in sentences, and what was published before. */
export default function WaitingScreen(props: {
  readonly copy: WorkingCopy;
  readonly store: WorkingCopyStore;
  readonly person: PersonDto;
}) {
  const { copy, store, person } = props;
  const [note, setNote] = useState("");
  const [problem, setProblem] = useState<string | null>(null);
  const waiting = useAnswer(["waiting"], `${copy.revision} ${copy.waiting}`, api.waiting);
  const releases = useAnswer(["releases"], copy.release, api.releases);
  const mayEdit = useMayEdit();
  const bringBack = async (release: number) => {
    const result = await store.bringBack(release);
    setProblem(result.ok ? null : result.sentence);
  };
  const publish = async () => {
    const { ok, sentence } = await store.publish(note);
    setProblem(ok ? null : sentence);
    if (ok) setNote("");
  };
  return (
    <main className="releases">
      <section aria-labelledby="waits">
        <div className="head">
          <h2 id="waits">What waits</h2>
          <span>visitors do not see it yet</span>
        </div>
        <Answered answer={waiting} what="what waits">
          {({ entries, addresses, addressesChanging }) => (
            <>
              {entries.length === 0 && (
                <p>
                  Nothing waits: visitors see the site as it is.{" "}
                  <Link to="/pages">Go on with the pages.</Link>
                </p>
              )}
              <ul className="entries">
                {entries.map((entry) => (
                  <li key={`${entry.page} ${entry.sentence}`}>
                    {entry.page ? <Link to={`/pages/${entry.page}`}>{entry.sentence}</Link> : entry.sentence}
                  </li>
                ))}
              </ul>
              {addressesChanging > 0 && (
                <div className="addresses-that-change">
                  <p>
                    {counted(
                      addressesChanging,
                      "# address that visitors know changes. The old one will forward.",
                      "# addresses that visitors know change. The old ones will forward.",
                    )}{" "}
                    <Link to="/addresses">All addresses</Link>
                  </p>
                  <AddressChanges changes={addresses} count={addressesChanging} />
                </div>
              )}
            </>
          )}
        </Answered>
        <Problem sentence={problem} />
        {copy.waiting > 0 &&
          (person.role === "OWNER" ? (
            <form
              onSubmit={(event) => {
                event.preventDefault();
                void publish();
              }}
            >
              <Input
                value={note}
                maxLength={1000}
                aria-label="A note for the record"
                placeholder="A note for the record"
                onChange={(event) => setNote(event.target.value)}
              />
              <Button type="primary" htmlType="submit">
                Publish all
              </Button>
            </form>
          ) : (
            <p className="hint">The owner publishes.</p>
          ))}
      </section>
      <section aria-labelledby="before">
        <div className="head">
          <h3 id="before">Releases so far</h3>
        </div>
        <Answered answer={releases} what="the releases">
          {(all) => (
            <>
              {all.length === 0 && <p>Nothing was published yet.</p>}
              <ul className="entries">
                {all.map((release, index) => (
                  <ReleaseRow
                    key={release.number}
                    release={release}
                    all={all}
                    onBringBack={
                      mayEdit && (index > 0 || copy.waiting > 0) ? () => void bringBack(release.number) : null
                    }
                  />
                ))}
              </ul>
            </>
          )}
        </Answered>
      </section>
    </main>
  );
}

/** A release, what has changed since, and a way back to it. */
function ReleaseRow(props: {
  readonly release: ReleaseDto;
  /** Every release, the newest first: that is the one that visitors see. */
  readonly all: readonly ReleaseDto[];
  readonly onBringBack: (() => void) | null;
}) {
  const { release, all } = props;
  const newest = all[0]?.number ?? 0;
  const [comparing, setComparing] = useState(false);
  /** The release it is compared with; null for the newest. */
  const [chosen, setChosen] = useState<number | null>(null);
  const other = chosen ?? newest;
  const difference = useAnswer(
    ["release difference", String(release.number), String(other)],
    newest,
    // What went from the earlier to the later, whichever of them it is asked of.
    (signal) =>
      api.releaseDifference(Math.min(release.number, other), Math.max(release.number, other), signal),
    { enabled: comparing },
  );
  return (
    <li>
      <b>Release {release.number}</b>
      {release.number === newest && " · what visitors see now"}
      <span className="hint">
        {when(release.at)} · {release.person}
        {release.note && ` · ${release.note}`}
      </span>
      <span className="choices">
        {props.onBringBack && (
          <Button size="small" onClick={props.onBringBack}>
            Bring this release back
          </Button>
        )}
        {all.length > 1 && (
          <Button
            size="small"
            type="text"
            aria-expanded={comparing}
            onClick={() => {
              setComparing(!comparing);
              if (release.number === newest) setChosen(all[1]?.number ?? null);
            }}
          >
            {comparing
              ? "Hide the comparison"
              : release.number === newest
                ? "Compare…"
                : "What changed since"}
          </Button>
        )}
      </span>
      {comparing && (
        <span className="choices compared">
          {other > release.number ? "Changed between here and" : "Changed since"}
          <Select
            size="small"
            aria-label={`The release that release ${release.number} is compared with`}
            value={other}
            popupMatchSelectWidth={false}
            onChange={setChosen}
            options={all
              .filter(({ number }) => number !== release.number)
              .map(({ number, at }) => ({
                value: number,
                label: `release ${number}, ${number === newest ? "what visitors see now" : when(at)}`,
              }))}
          />
        </span>
      )}
      {comparing && (
        <Answered answer={difference} what="what changed since">
          {({ entries }) => (
            <ul>
              {entries.length === 0 && <li>Nothing that visitors notice.</li>}
              {entries.map((entry) => (
                <li key={`${entry.page} ${entry.sentence}`}>{entry.sentence}</li>
              ))}
            </ul>
          )}
        </Answered>
      )}
    </li>
  );
}
