import { Button } from "antd";
import { Sent } from "../shared/Sent";
import type { Uploads } from "./useUploads";
import "./files.css";

/** How far files have come that are being sent, and why those were not taken that were not. */
export function UploadsOnTheirWay({ uploads }: { readonly uploads: Uploads }) {
  return uploads.all.length === 0 ? null : (
    <ul className="uploads" aria-label="Files on their way">
      {uploads.all.map(({ id, name, part, problem }) => (
        <li key={id}>
          {problem === null ? (
            <>
              <span>{name}</span>
              <Sent what={name} part={part} then="Making it ready…" />
            </>
          ) : (
            <>
              <span className="problem" role="alert">
                {name}: {problem}
              </span>
              <Button size="small" aria-label={`Dismiss ${name}`} onClick={() => uploads.dismiss(id)}>
                Dismiss
              </Button>
            </>
          )}
        </li>
      ))}
    </ul>
  );
}
