import { Select } from "antd";
import { useState } from "react";
import type { ChangeDto } from "../api/client";
import { PictureChoice } from "../files/PictureChoice";
import { useMayEdit } from "../people/mayEdit";
import { KeptField } from "../shared/KeptField";
import { Problem } from "../shared/Problem";
import type { WorkingCopy, WorkingCopyStore } from "../working-copy/store";
import "./business.css";

/** Languages that Velnik's own words on visitor pages are there in, by their own names. */
const SPOKEN = ["en", "de", "fr", "es", "nl", "pl"];

/** Others that a site may be in; what Velnik says by itself stays English there. */
const WRITTEN = ["ar", "cs", "da", "el", "fi", "he", "hu", "it", "no", "pt", "ro", "sv", "tr", "uk"];

const nameOf = (tag: string) => new Intl.DisplayNames([tag], { type: "language" }).of(tag) ?? tag;

type Field = Omit<Extract<ChangeDto, { kind: "setDetails" }>, "kind">;

/** What the site says of its business; typed once, and shown wherever it belongs. */
export default function BusinessScreen(props: {
  readonly copy: WorkingCopy;
  readonly store: WorkingCopyStore;
}) {
  const { copy, store } = props;
  const { business, timeZone } = copy.settings;
  const mayEdit = useMayEdit();
  const [problem, setProblem] = useState<string | null>(null);
  const send = async (change: ChangeDto) => {
    const result = await store.change(change);
    setProblem(result.ok ? null : result.sentence);
    return result.ok;
  };
  const set = (field: Partial<Field>) =>
    send({
      kind: "setDetails",
      name: null,
      address: null,
      logo: null,
      language: null,
      phone: null,
      mail: null,
      postal: null,
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
      <Problem sentence={problem} />
      <fieldset disabled={!mayEdit}>
        <label htmlFor="business-name">Name</label>
        <KeptField id="business-name" value={business.name} onKeep={(name) => set({ name })} />
        <span className="hint">In the header, in window titles and in what is shared.</span>

        <label htmlFor="business-address">Web address</label>
        <KeptField
          id="business-address"
          value={business.address}
          placeholder="https://brackwater.example"
          onKeep={(address) => set({ address })}
        />
        <span className="hint">
          So that links to your own pages are known as yours, and search engines get one address.
        </span>

        <label htmlFor="business-logo">Logo</label>
        <PictureChoice
          id="business-logo"
          copy={copy}
          store={store}
          value={business.logo}
          decoration
          onChoose={(logo) => set({ logo: logo ?? "" })}
          onChange={send}
        />
        <span className="hint">In the header beside the name, and in browsers’ tabs.</span>

        <label htmlFor="business-phone">Phone</label>
        <KeptField id="business-phone" value={business.phone} onKeep={(phone) => set({ phone })} />
        <span className="hint">At the foot of every page, ready to be dialled.</span>

        <label htmlFor="business-mail">Mail</label>
        <KeptField id="business-mail" value={business.mail} onKeep={(mail) => set({ mail })} />
        <span className="hint">At the foot of every page.</span>

        <label htmlFor="business-postal">Postal address</label>
        <KeptField
          id="business-postal"
          rows={3}
          value={business.postal}
          onKeep={(postal) => set({ postal })}
        />
        <span className="hint">At the foot of every page, and for maps and search engines.</span>

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
        <span className="hint">Of what visitors read: dates, buttons and notices follow it.</span>

        <label htmlFor="business-zone">Time zone</label>
        <Select
          id="business-zone"
          disabled={!mayEdit}
          showSearch
          value={timeZone}
          onChange={(zone) => void send({ kind: "setTimeZone", timeZone: zone })}
          options={Intl.supportedValuesOf("timeZone").map((zone) => ({ value: zone, label: zone }))}
        />
        <span className="hint">Where days and opening periods begin and end.</span>
      </fieldset>
    </main>
  );
}
