import { Input, Segmented } from "antd";
import { useState } from "react";
import type { ChangeDto, FileDto } from "../api/client";
import { useMayEdit } from "../people/mayEdit";
import { Answered, useLasting } from "../shared/answer";
import { LedgerHead } from "../shared/LedgerHead";
import { matching } from "../shared/matching";
import { Problem } from "../shared/Problem";
import type { WorkingCopy, WorkingCopyStore } from "../working-copy/store";
import { ChooseFiles } from "./ChooseFiles";
import { FileRow } from "./FileRow";
import { UploadsOnTheirWay } from "./UploadsOnTheirWay";
import { useDropping } from "./useDropping";
import { useFiles } from "./useFiles";
import { useUploads } from "./useUploads";
import { ALL, isPicture } from "./words";
import "./files.css";

type Which = "all" | "pictures" | "others" | "unused";

const WHICH: readonly { readonly value: Which; readonly label: string }[] = [
  { value: "all", label: "All" },
  { value: "pictures", label: "Pictures" },
  { value: "others", label: "Other files" },
  { value: "unused", label: "Used nowhere" },
];

/** Pictures and other files: what each shows, where it is used, and a way to replace it wherever that is. */
export default function FilesScreen(props: { readonly copy: WorkingCopy; readonly store: WorkingCopyStore }) {
  const { copy, store } = props;
  const mayEdit = useMayEdit();
  const files = useLasting(useFiles(copy.revision, 0));
  const uploads = useUploads(store);
  const [which, setWhich] = useState<Which>("all");
  const [words, setWords] = useState("");
  const [problem, setProblem] = useState<string | null>(null);
  const send = async (change: ChangeDto) => {
    const result = await store.change(change);
    setProblem(result.ok ? null : result.sentence);
    return result;
  };
  const dropping = useDropping(mayEdit ? (dropped) => void uploads.send(dropped) : null);
  return (
    <main className="ledger files" {...dropping.handlers} data-dropping={dropping.over || undefined}>
      <div className="head">
        <h2>Files</h2>
        <span>pictures, and what visitors open or save</span>
        <span className="spring" />
        {mayEdit && (
          <ChooseFiles
            words="Add files…"
            type="primary"
            accept={ALL}
            several
            onChoose={(chosen) => void uploads.send(chosen)}
          />
        )}
      </div>
      <Problem sentence={problem} />
      <UploadsOnTheirWay uploads={uploads} />
      <Answered answer={files} what="the files">
        {(all) => {
          if (all.length === 0)
            return (
              <p>
                No files yet.{" "}
                {mayEdit && "Add some with the button above, or drop them anywhere on this screen: "}
                pictures up to 5 MB, documents up to 25 MB.
              </p>
            );
          const shown = matching(chosen(all, which), (file) => file.name, words, all.length);
          return (
            <>
              <div className="files-find">
                <Segmented<Which> value={which} onChange={setWhich} options={[...WHICH]} />
                <Input
                  aria-label="Find a file"
                  placeholder="Part of a file’s name"
                  allowClear
                  value={words}
                  onChange={(event) => setWords(event.target.value)}
                />
              </div>
              {shown.length === 0 ? (
                <p>{words === "" ? "None of these." : `No file is called “${words}”.`}</p>
              ) : (
                <table>
                  <LedgerHead columns={["Picture", "File", "What it shows", "Used on"]} last="Change it" />
                  <tbody>
                    {shown.map((file) => (
                      <FileRow
                        key={file.id}
                        copy={copy}
                        file={file}
                        mayEdit={mayEdit}
                        onReplace={(by) => void uploads.replace(file.id, by)}
                        onChange={send}
                      />
                    ))}
                  </tbody>
                </table>
              )}
            </>
          );
        }}
      </Answered>
    </main>
  );
}

function chosen(all: readonly FileDto[], which: Which): readonly FileDto[] {
  switch (which) {
    case "all":
      return all;
    case "pictures":
      return all.filter(isPicture);
    case "others":
      return all.filter((file) => !isPicture(file));
    case "unused":
      return all.filter((file) => file.pages.length === 0 && file.rows.length === 0 && !file.logo);
  }
}
