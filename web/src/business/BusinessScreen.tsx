import { Select } from "antd";
import { type ReactNode, useState } from "react";
import type { ChangeDto } from "../api/client";
import { PictureChoice } from "../files/PictureChoice";
import { useMayEdit } from "../people/mayEdit";
import { KeptField } from "../shared/KeptField";
import { Problem } from "../shared/Problem";
import type { WorkingCopy, WorkingCopyStore } from "../working-copy/store";
import { ChannelsField } from "./ChannelsField";
import "./business.css";

/** Languages that Velnik's own words on visitor pages are there in, by their own names. */
const SPOKEN = ["en", "de", "fr", "es", "nl", "pl"];

/** Others that a site may be in; what Velnik says by itself stays English there. */
const WRITTEN = ["ar", "cs", "da", "el", "fi", "he", "hu", "it", "no", "pt", "ro", "sv", "tr", "uk"];

const nameOf = (tag: string) => new Intl.DisplayNames([tag], { type: "language" }).of(tag) ?? tag;

/** Which field was not taken, and why. */
type Refused = { readonly of: string; readonly sentence: string };

type Field = Omit<Extract<ChangeDto, { kind: "setDetails" }>, "kind">;

/** What the site says of its business; typed once, and shown wherever it belongs. */
export default function BusinessScreen(props: {
  readonly copy: WorkingCopy;
  readonly store: WorkingCopyStore;
}) {
  const { copy, store } = props;
  const { business, timeZone } = copy.settings;
  const mayEdit = useMayEdit();
  const [problem, setProblem] = useState<Refused | null>(null);
  const send = async (of: string, change: ChangeDto) => {
    const result = await store.change(change);
    setProblem(result.ok ? null : { of, sentence: result.sentence });
    return result.ok;
  };
  const set = (field: Partial<Field>) =>
    send(Object.keys(field).join(), {
      kind: "setDetails",
      name: null,
      address: null,
      logo: null,
      language: null,
      phone: null,
      mail: null,
      postal: null,
      hours: null,
      position: null,
      channels: null,
      ...field,
    });
  const languages = [...new Set([...SPOKEN, ...WRITTEN, business.language])].map((tag) => ({
    value: tag,
    label: SPOKEN.includes(tag) ? nameOf(tag) : `${nameOf(tag)} (menus and buttons stay English)`,
  }));
  return (
    <main className="business">
      <div className="head">
        <h2>The business</h2>
        <span>typed once, shown wherever it belongs</span>
      </div>
      <fieldset disabled={!mayEdit}>
        <label htmlFor="business-name">Name</label>
        <KeptField id="business-name" value={business.name} onKeep={(name) => set({ name })} />
        <Hint of="name" problem={problem}>
          In the header, in window titles and in what is shared.
        </Hint>

        <label htmlFor="business-address">Web address</label>
        <KeptField
          id="business-address"
          value={business.address}
          placeholder="https://brackwater.example"
          onKeep={(address) => set({ address })}
        />
        <Hint of="address" problem={problem}>
          So that links to your own pages are known as yours, and search engines get one address.
        </Hint>

        <label htmlFor="business-logo">Logo</label>
        <PictureChoice
          id="business-logo"
          copy={copy}
          store={store}
          value={business.logo}
          decoration
          onChoose={(logo) => set({ logo: logo ?? "" })}
          onChange={(change) => send("logo", change)}
        />
        <Hint of="logo" problem={problem}>
          In the header beside the name, and in browsers’ tabs.
        </Hint>

        <label htmlFor="business-phone">Phone</label>
        <KeptField id="business-phone" value={business.phone} onKeep={(phone) => set({ phone })} />
        <Hint of="phone" problem={problem}>
          At the foot of every page, ready to be dialled.
        </Hint>

        <label htmlFor="business-mail">Mail</label>
        <KeptField id="business-mail" value={business.mail} onKeep={(mail) => set({ mail })} />
        <Hint of="mail" problem={problem}>
          At the foot of every page.
        </Hint>

        <label htmlFor="business-postal">Postal address</label>
        <KeptField
          id="business-postal"
          rows={3}
          value={business.postal}
          onKeep={(postal) => set({ postal })}
        />
        <Hint of="postal" problem={problem}>
          At the foot of every page, and for maps and search engines.
        </Hint>

        <label htmlFor="business-hours">Opening hours</label>
        <KeptField
          id="business-hours"
          rows={Math.max(4, business.hours.split("\n").length)}
          value={business.hours}
          placeholder={"Mon–Fri 9:00–17:30\nSat 9–12, 14–16\nSun closed\n1 January closed"}
          onKeep={(hours) => set({ hours })}
        />
        <Hint of="hours" problem={problem}>
          A line for days that are alike; days that are otherwise by their date, such as “24 December 2026
          9–12”. At the foot of every page, and for search engines.
          {business.hoursRead.length > 0 && (
            <>
              {" "}
              Visitors read:
              <ul className="hours-read">
                {business.hoursRead.map((line) => (
                  <li key={line}>{line}</li>
                ))}
              </ul>
            </>
          )}
        </Hint>

        <label htmlFor="business-position">Position</label>
        <KeptField
          id="business-position"
          value={business.position}
          placeholder="51.732, 0.684"
          onKeep={(position) => set({ position })}
        />
        <Hint of="position" problem={problem}>
          Degrees north and east, as maps give them; for search engines.
        </Hint>

        <span>Channels</span>
        <ChannelsField
          mayEdit={mayEdit}
          channels={business.channels}
          onKeep={(channels) => set({ channels })}
        />
        <Hint of="channels" problem={problem}>
          Where else you are found. Type “channels” into the add line of a menu to show them there as a row of
          icons.
        </Hint>

        <label htmlFor="business-language">Language</label>
        <Select
          id="business-language"
          disabled={!mayEdit}
          showSearch
          optionFilterProp="label"
          value={business.language}
          onChange={(language) => void set({ language })}
          options={languages}
        />
        <Hint of="language" problem={problem}>
          Of what visitors read: dates, buttons and notices follow it.
        </Hint>

        <label htmlFor="business-zone">Time zone</label>
        <Select
          id="business-zone"
          disabled={!mayEdit}
          showSearch
          value={timeZone}
          onChange={(zone) => void send("timeZone", { kind: "setTimeZone", timeZone: zone })}
          options={Intl.supportedValuesOf("timeZone").map((zone) => ({ value: zone, label: zone }))}
        />
        <Hint of="timeZone" problem={problem}>
          Where days and opening periods begin and end.
        </Hint>
      </fieldset>
    </main>
  );
}

/** What a field is for; where what was typed was not taken, why, in the same place. */
function Hint(props: {
  readonly of: string;
  readonly problem: Refused | null;
  readonly children: ReactNode;
}) {
  return (
    <div className="hint">
      <Problem sentence={props.problem?.of === props.of ? props.problem.sentence : null} />
      {props.children}
    </div>
  );
}
