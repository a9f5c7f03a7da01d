import { useQueryClient } from "@tanstack/react-query";
import { Button } from "antd";
import { useState } from "react";
import { api, type BackupDto, backupFile } from "../api/client";
import { Answered, answerOf } from "../shared/answer";
import { LedgerHead } from "../shared/LedgerHead";
import { Problem } from "../shared/Problem";
import { sentenceOf } from "../shared/sentenceOf";
import { sizeOf } from "../shared/size";
import { when } from "../shared/when";
import { BACKUPS, useBackups } from "./useBackups";
import "./backups.css";

/** Backups there are, one more at once, and how to put one back. */
export default function BackupsScreen() {
  const queries = useQueryClient();
  const [problem, setProblem] = useState<string | null>(null);
  const [told, setTold] = useState("");
  const [taking, setTaking] = useState(false);
  const all = useBackups();
  const take = async () => {
    setTaking(true);
    setProblem(null);
    setTold("Taking a backup. You can go on working.");
    try {
      const taken = await api.takeBackup();
      await queries.invalidateQueries({ queryKey: BACKUPS });
      setTold(`Taken, ${sizeOf(taken.bytes)}. Your browser saves it.`);
      save(taken);
    } catch (failed) {
      setTold("");
      setProblem(sentenceOf(failed));
    }
    setTaking(false);
  };
  return (
    <main className="ledger backups">
      <div className="head">
        <h2>Backups</h2>
        <span>everything in one file: pages, menus, texts, pictures, releases, messages, accounts</span>
      </div>
      <p>
        Velnik takes one every night, or as soon as it runs again, and keeps the last seven and one of each of
        the four weeks before.
      </p>
      <Problem sentence={problem} />
      <p className="take">
        <Button type="primary" loading={taking} onClick={() => void take()}>
          Take a backup now
        </Button>
        <span role="status">{told}</span>
      </p>
      <Answered answer={answerOf(all)} what="your backups">
        {({ folder, failure, kept }) => (
          <>
            <Problem sentence={failure && `Last night: ${failure}`} />
            {kept.length === 0 ? (
              <p className="hint">There is none yet. The first comes tonight, or now by the button.</p>
            ) : (
              <table>
                <LedgerHead columns={["Taken", "Size"]} last="Save it elsewhere" />
                <tbody>
                  {kept.map((backup) => (
                    <Row key={backup.name} backup={backup} />
                  ))}
                </tbody>
              </table>
            )}
            <h3>To put one back</h3>
            <p>
              They lie in <code>{folder}</code>. Stop Velnik there and run <code>./velnik restore FILE</code>.
              What is there before is kept beside it.
            </p>
            <p>
              Save one elsewhere now and then, where nobody else reads it: it holds what visitors wrote to
              you.
            </p>
          </>
        )}
      </Answered>
    </main>
  );
}

function Row({ backup }: { readonly backup: BackupDto }) {
  return (
    <tr>
      <th scope="row">{when(backup.at)}</th>
      <td>{sizeOf(backup.bytes)}</td>
      <td>
        <a
          className="as-button"
          href={backupFile(backup.name)}
          download
          aria-label={`Save the backup of ${when(backup.at)}`}
        >
          Save
        </a>
      </td>
    </tr>
  );
}

/** As if its button had been pressed. */
function save(backup: BackupDto): void {
  const link = document.createElement("a");
  link.href = backupFile(backup.name);
  link.download = backup.name;
  link.click();
}
