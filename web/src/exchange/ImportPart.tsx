import { useEffect, useState } from "react";
import { Link } from "react-router";
import type { GivenFile } from "../api/client";
import { ChooseFiles } from "../files/ChooseFiles";
import { useDropping } from "../files/useDropping";
import { Problem } from "../shared/Problem";
import { sentenceOf } from "../shared/sentenceOf";
import type { WorkingCopy, WorkingCopyStore } from "../working-copy/store";
import { DryRun } from "./DryRun";
import { read } from "./read";

const ACCEPT = ".json,.opml,.csv,.tsv,.txt,.md,.markdown,.xml,.html,.htm,.gz,.zip,text/*";

/** What there is to read, and whether it could be. */
type Files =
  | { readonly status: "none" }
  | { readonly status: "reading" }
  | { readonly status: "failed"; readonly sentence: string }
  | { readonly status: "read"; readonly files: readonly GivenFile[] };

/** Reads files in: chosen or dropped, looked at row by row, then taken. */
export function ImportPart(props: {
  readonly copy: WorkingCopy;
  readonly store: WorkingCopyStore;
  readonly files: readonly File[];
  readonly onFiles: (files: readonly File[]) => void;
}) {
  const { files, onFiles } = props;
  const [taken, setTaken] = useState<Files>({ status: "none" });
  const [lookAt, setLookAt] = useState<readonly string[] | null>(null);
  const dropping = useDropping(onFiles);
  useEffect(() => {
    if (files.length === 0) return setTaken({ status: "none" });
    let outdated = false;
    setLookAt(null);
    setTaken({ status: "reading" });
    read(files).then(
      (given) => outdated || setTaken({ status: "read", files: given }),
      (failed) => outdated || setTaken({ status: "failed", sentence: sentenceOf(failed) }),
    );
    return () => {
      outdated = true;
    };
  }, [files]);
  return (
    <div {...dropping.handlers} data-dropping={dropping.over || undefined}>
      <p className="choose">
        <ChooseFiles
          words={files.length === 0 ? "Choose files…" : "Choose other files…"}
          {...(files.length === 0 ? { type: "primary" as const } : {})}
          accept={ACCEPT}
          several
          onChoose={onFiles}
        />
        {files.length === 0 ? (
          <span>or drop them anywhere in Velnik. Nothing happens before you have seen it.</span>
        ) : (
          <span>{files.map((file) => file.name).join(", ")}</span>
        )}
      </p>
      {taken.status === "reading" && <p className="hint">Reading the files…</p>}
      {taken.status === "failed" && <Problem sentence={taken.sentence} />}
      {taken.status === "none" && (lookAt === null ? <Kinds /> : <Done lookAt={lookAt} />)}
      {taken.status === "read" && (
        <DryRun
          key={files.map((file) => `${file.name} ${file.lastModified}`).join()}
          copy={props.copy}
          store={props.store}
          files={taken.files}
          onDone={(left) => {
            setLookAt(left);
            onFiles([]);
          }}
          onCancel={() => onFiles([])}
        />
      )}
    </div>
  );
}

function Done({ lookAt }: { readonly lookAt: readonly string[] }) {
  return (
    <div className="imported">
      <p>
        <b>It is in your working copy.</b> Visitors see it once you publish; one undo takes all of it back.
      </p>
      {lookAt.length > 0 && (
        <>
          <p>To look at:</p>
          <ul>
            {lookAt.map((sentence) => (
              <li key={sentence}>{sentence}</li>
            ))}
          </ul>
        </>
      )}
      <p className="onward">
        Go on to <Link to="/pages">Pages</Link>, <Link to="/menus">Menus</Link> or{" "}
        <Link to="/addresses">Addresses</Link>.
      </p>
    </div>
  );
}

const KINDS: readonly { readonly what: string; readonly becomes: string }[] = [
  {
    what: "Your present site: its sitemap.xml and its home page, chosen together",
    becomes: "pages with titles, menus in their zones, forwards for addresses that change",
  },
  { what: "A web page (HTML)", becomes: "its navigations as menus, what they lead to as pages" },
  {
    what: "A sitemap (XML, also packed as gz, or a list of addresses)",
    becomes: "a tree of pages by their paths",
  },
  { what: "An outline (OPML)", becomes: "pages, or items of a menu" },
  {
    what: "A table (CSV) of pages, of items or of forwards",
    becomes: "new pages, and changes to those there are; items of menus; forwards",
  },
  { what: "A list, indented or Markdown", becomes: "pages, or items of a menu" },
  { what: "Markdown files in a ZIP", becomes: "pages with their texts, nested as their folders are" },
  {
    what: "A whole site (JSON), as Export saves it",
    becomes: "the whole site as it was then, instead of what is here",
  },
];

function Kinds() {
  return (
    <table>
      <thead>
        <tr>
          <th>What can be read</th>
          <th>What it becomes</th>
        </tr>
      </thead>
      <tbody>
        {KINDS.map(({ what, becomes }) => (
          <tr key={what}>
            <th scope="row">{what}</th>
            <td>{becomes}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
