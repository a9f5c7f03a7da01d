import type { ReactNode } from "react";
import { Link } from "react-router";
import { exportOf } from "../api/client";
import { useMenus } from "../menus/useMenus";
import { ZONE_WORDS } from "../menus/words";
import { Answered } from "../shared/answer";
import type { WorkingCopy, WorkingCopyStore } from "../working-copy/store";
import { Elsewhere } from "./Elsewhere";

type Format = { readonly name: string; readonly path: string };

const TABLE = (of: string): Format => ({ name: "CSV", path: `csv?of=${of}` });

/** What is taken away in open formats, and what each holds. */
export function ExportPart(props: { readonly copy: WorkingCopy; readonly store: WorkingCopyStore }) {
  const { copy } = props;
  const menus = useMenus(copy.revision);
  const toPublish = copy.release === 0 ? "Publish first" : null;
  const toSayTheAddress =
    copy.settings.business.address === "" ? <Link to="/business">Say the web address first</Link> : null;
  return (
    <>
      <p>Everything as it is now, published or not, in formats that other programs read.</p>
      <Answered answer={menus} what="your menus">
        {({ menus: { menus: all } }) => (
          <table>
            <thead>
              <tr>
                <th>What</th>
                <th>What the file holds</th>
                <th>Save it as</th>
              </tr>
            </thead>
            <tbody>
              <Row
                what="The site as visitors get it"
                holds="what is published, as files that any web server shows and that open from a disk; without members’ pages and forms"
                formats={[{ name: "ZIP", path: "static" }]}
                first={toPublish}
              />
              <Row
                what="The sitemap"
                holds="the whole addresses of what is published, as search engines read them"
                formats={[{ name: "XML", path: "sitemap" }]}
                first={toPublish ?? toSayTheAddress}
              />
              <Row
                what="The whole site"
                holds="pages with their texts, menus, zones, layouts, forwards and details, to be imported again here or elsewhere; without the contents of files"
                formats={[
                  { name: "JSON", path: "json" },
                  { name: "JSON Schema", path: "json-schema" },
                ]}
              />
              <Row
                what="All pages"
                holds="titles, addresses, nesting, who gets them, periods, layouts, topics, dates, summaries"
                formats={[TABLE("PAGES")]}
              />
              <Row
                what="The page tree"
                holds="titles, addresses and nesting; the Markdown list can be pasted on Pages again"
                formats={[
                  { name: "OPML", path: "opml" },
                  { name: "Markdown", path: "markdown" },
                ]}
              />
              <Row
                what="All items"
                holds="every row of every menu, what it leads to, who sees it and why one is not shown"
                formats={[TABLE("ITEMS")]}
              />
              {all.map((menu) => (
                <Row
                  key={menu.id}
                  what={`The menu ${menu.name}`}
                  holds="labels, where they lead, and nesting, as visitors see the menu now"
                  formats={[
                    { name: "OPML", path: `opml?menu=${menu.id}` },
                    { name: "Markdown", path: `markdown?menu=${menu.id}` },
                  ]}
                />
              ))}
              <Row
                what="Zones"
                holds="which menus are shown where, for which pages"
                formats={[TABLE("ASSIGNMENTS")]}
              />
              <Row
                what="What stands in a zone"
                holds="its menus where nothing else is said for a page, as HTML to paste into a page of another site"
                formats={Object.entries(ZONE_WORDS).map(([zone, name]) => ({
                  name,
                  path: `html?zone=${zone}`,
                }))}
              />
              <Row
                what="Addresses that forward"
                holds="old addresses and where they lead once you publish"
                formats={[
                  TABLE("FORWARDS"),
                  { name: "nginx", path: "rules?for=NGINX" },
                  { name: "Apache", path: "rules?for=APACHE" },
                ]}
              />
            </tbody>
          </table>
        )}
      </Answered>
      <p>
        CSV opens in any spreadsheet. OPML is read by outliners. Markdown is plain text. Texts of pages are in
        the ZIP and the JSON, pictures in the ZIP; both are in backups.
      </p>
      <Elsewhere {...props} />
    </>
  );
}

function Row(props: {
  readonly what: string;
  readonly holds: string;
  readonly formats: readonly Format[];
  /** What has to be done before there is such a file. */
  readonly first?: ReactNode;
}) {
  return (
    <tr>
      <th scope="row">{props.what}</th>
      <td>{props.holds}</td>
      <td>
        {props.first ??
          props.formats.map(({ name, path }) => (
            <a
              key={name}
              className="as-button"
              href={exportOf(path)}
              download
              aria-label={`${props.what} as ${name}`}
            >
              {name}
            </a>
          ))}
      </td>
    </tr>
  );
}
