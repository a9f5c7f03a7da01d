import { Segmented } from "antd";
import { useEffect, useState } from "react";
import { useMayEdit } from "../people/mayEdit";
import type { WorkingCopy, WorkingCopyStore } from "../working-copy/store";
import { ExportPart } from "./ExportPart";
import { given, useGiven } from "./given";
import { ImportPart } from "./ImportPart";
import "./exchange.css";

type Part = "in" | "out";

/** What others wrote read in, and what is here saved for others. */
export default function ExchangeScreen(props: {
  readonly copy: WorkingCopy;
  readonly store: WorkingCopyStore;
}) {
  const mayEdit = useMayEdit();
  const files = useGiven();
  const [chosen, setPart] = useState<Part>("in");
  const part = mayEdit ? chosen : "out";
  useEffect(() => {
    if (files.length > 0) setPart("in"); // dropped while the other was open
  }, [files]);
  return (
    <main className={`ledger exchange ${part === "out" ? "exports" : "imports"}`}>
      <div className="head">
        <h2>Import and export</h2>
        {mayEdit && (
          <Segmented<Part>
            value={part}
            onChange={setPart}
            options={[
              { value: "in", label: "Import" },
              { value: "out", label: "Export" },
            ]}
          />
        )}
      </div>
      {part === "out" ? (
        <ExportPart {...props} />
      ) : (
        <ImportPart {...props} files={files} onFiles={given.set} />
      )}
    </main>
  );
}
