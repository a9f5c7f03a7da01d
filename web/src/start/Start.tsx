import { Segmented } from "antd";
import { useState } from "react";
import { Link } from "react-router";
import type { WorkingCopyStore } from "../working-copy/store";
import { ListStart } from "./ListStart";
import { StructureStart } from "./StructureStart";
import "./start.css";

type Way = "list" | "structure" | "files";

/** A site without pages: the ways to begin. */
export function Start({ store }: { readonly store: WorkingCopyStore }) {
  const [way, setWay] = useState<Way>("list");
  return (
    <main className="start">
      <h2>Your site has no pages yet</h2>
      <Segmented<Way>
        aria-label="How it begins"
        value={way}
        onChange={setWay}
        options={[
          { value: "list", label: "A list of titles" },
          { value: "structure", label: "A starting structure" },
          { value: "files", label: "Files you have" },
        ]}
      />
      {way === "list" && <ListStart store={store} />}
      {way === "structure" && <StructureStart store={store} />}
      {way === "files" && (
        <>
          <p>
            A website that stands elsewhere comes in by its sitemap and its home page, given together.
            Outlines, tables, lists and Markdown files are read too. You see what they would make before
            anything happens.
          </p>
          <div className="choices">
            <Link className="as-button" to="/exchange">
              Choose files
            </Link>
          </div>
        </>
      )}
    </main>
  );
}
