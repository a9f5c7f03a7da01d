import { Checkbox } from "antd";
import type { ImportLine } from "../api/client";
import { isTickable, PARTS, VERDICTS } from "./lines";

/** Rows of a dry run, each with what becomes of it and why. */
export function LinesTable(props: {
  readonly lines: readonly ImportLine[];
  /** Whether a row has to say which file it is from. */
  readonly severalFiles: boolean;
  /** Keys of rows that are left out, before the answer to that is there. */
  readonly without: ReadonlySet<string>;
  readonly onTick: (key: string, tick: boolean) => void;
}) {
  return (
    <table className="dry-run">
      <thead>
        <tr>
          <th>
            <span className="unseen">Import</span>
          </th>
          <th>Line</th>
          <th>What</th>
          <th>Address or target</th>
          <th>What becomes of it</th>
        </tr>
      </thead>
      <tbody>
        {props.lines.map((line, i) => (
          <Line
            key={line.key}
            line={line}
            begins={line.part !== props.lines[i - 1]?.part}
            severalFiles={props.severalFiles}
            ticked={!props.without.has(line.key)}
            onTick={props.onTick}
          />
        ))}
      </tbody>
    </table>
  );
}

function Line(props: {
  readonly line: ImportLine;
  readonly begins: boolean;
  readonly severalFiles: boolean;
  readonly ticked: boolean;
  readonly onTick: (key: string, tick: boolean) => void;
}) {
  const { line } = props;
  return (
    <>
      {props.begins && (
        <tr className="part">
          <th colSpan={5} scope="colgroup">
            {PARTS[line.part]}
          </th>
        </tr>
      )}
      <tr data-verdict={line.verdict}>
        <td>
          {isTickable(line) && (
            <Checkbox
              aria-label={`Import ${line.title}`}
              checked={props.ticked}
              onChange={(event) => props.onTick(line.key, event.target.checked)}
            />
          )}
        </td>
        <td className="number" title={props.severalFiles ? line.file : undefined}>
          {props.severalFiles && line.file}
          {line.line > 0 && (props.severalFiles ? `, ${line.line}` : line.line)}
        </td>
        <th scope="row" style={{ paddingInlineStart: (line.level - 1) * 16 }}>
          {line.title}
        </th>
        <td className="leads">{line.leads}</td>
        <td className="becomes">
          {line.verdict !== "PASSED_OVER" && <b>{VERDICTS[line.verdict]}</b> /* its heading says it */}
          {line.fields.map(({ field, before, after }) => (
            <span key={field} className="field">
              {field}: {before !== "" && <del>{before}</del>}{" "}
              {after === "" ? <i>nothing</i> : <ins>{after}</ins>}
            </span>
          ))}
          {line.why !== "" && <span className="because">{line.why}</span>}
        </td>
      </tr>
    </>
  );
}
