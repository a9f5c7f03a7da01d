import { Input, Select } from "antd";
import { useState } from "react";
import type { Zone } from "../api/client";
import { ZONE_WORDS } from "../menus/words";
import { useMayEdit } from "../people/mayEdit";
import { CopyButton } from "../shared/CopyButton";
import { KeptField } from "../shared/KeptField";
import { Problem } from "../shared/Problem";
import type { WorkingCopy, WorkingCopyStore } from "../working-copy/store";

const linesFor = (zone: Zone, site: string, name: string) =>
  `<nav data-velnik-zone="${zone.toLowerCase().replace("_", "-")}">
  <a href="${site}/">${escaped(name)}</a>
</nav>
<script src="${site}/-/feeds/menus.js" async></script>`;

const escaped = (text: string) => text.replace(/&/g, "&amp;").replace(/</g, "&lt;");

/** What another website needs to show the menus of a zone, and which may. */
export function Elsewhere(props: { readonly copy: WorkingCopy; readonly store: WorkingCopyStore }) {
  const { business, allowedOrigins } = props.copy.settings;
  const mayEdit = useMayEdit();
  const [zone, setZone] = useState<Zone>("HEADER");
  const [problem, setProblem] = useState<string | null>(null);
  const site = business.address || location.origin;
  const lines = linesFor(zone, site, business.name || "To the site");
  return (
    <section className="elsewhere" aria-labelledby="elsewhere">
      <h3 id="elsewhere">Your menus on another website</h3>
      <p>
        A shop or a booking page that is run elsewhere can show the same menus, always as they are published.
        Allow the website here, and put the lines below into its pages.
      </p>
      <label htmlFor="allowed-origins">Websites that may show your menus, a line each</label>
      <div>
        <fieldset disabled={!mayEdit}>
          <KeptField
            id="allowed-origins"
            rows={Math.max(2, allowedOrigins.length + 1)}
            value={allowedOrigins.join("\n")}
            placeholder="https://shop.brackwater.example"
            onKeep={async (typed) => {
              const result = await props.store.change({ kind: "allowOrigins", origins: typed.split("\n") });
              setProblem(result.ok ? null : result.sentence);
              return result.ok;
            }}
          />
        </fieldset>
        <Problem sentence={problem} />
        <p className="hint">They may once you publish. Browsers keep all others from reading them.</p>
      </div>
      <label htmlFor="elsewhere-zone">What it shows</label>
      <Select<Zone>
        id="elsewhere-zone"
        value={zone}
        onChange={setZone}
        options={Object.entries(ZONE_WORDS).map(([value, label]) => ({ value: value as Zone, label }))}
      />
      <label htmlFor="elsewhere-lines">The lines</label>
      <div>
        <Input.TextArea id="elsewhere-lines" readOnly rows={4} value={lines} className="lines" />
        <CopyButton words="Copy the lines" text={lines} />
        <p className="hint">
          Until the menus are there, and where scripts are off, visitors see the link within. Words and
          colours are those of the page around; <code>--velnik-gap</code>, <code>--velnik-direction</code>,{" "}
          <code>--velnik-ink</code>, <code>--velnik-panel</code>, <code>--velnik-panel-ink</code>,{" "}
          <code>--velnik-edge</code> and <code>--velnik-corner</code> change it.{" "}
          <code>data-velnik-page="/hire"</code> beside the zone marks a page.
        </p>
      </div>
    </section>
  );
}
