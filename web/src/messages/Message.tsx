import { Button } from "antd";
import { useState } from "react";
import { Link } from "react-router";
import type { MessageDto } from "../api/client";
import { when } from "../shared/when";

const SENDING: Readonly<Record<MessageDto["sending"], string>> = {
  KEPT: "The mail it would have become",
  WAITING: "Its mail waits to be sent",
  SENT: "The mail that was sent",
  FAILED: "Its mail could not be sent",
};

/** One message: who wrote when, and everything they wrote. */
export function Message(props: {
  readonly message: MessageDto;
  readonly mayEdit: boolean;
  readonly pageThere: boolean;
  readonly onMark: (mark: { readonly read?: boolean; readonly answered?: boolean }) => void;
  readonly onRemove: () => void;
}) {
  const { message, mayEdit, onMark } = props;
  const [removing, setRemoving] = useState(false);
  const [first] = message.answers;
  const who = first?.value || "Somebody";
  return (
    <li className={message.read ? "message" : "message unread"} aria-label={`Message from ${who}`}>
      <div className="message-head">
        <h3>{who}</h3>
        {!message.read && <span className="is-unread">unread</span>}
        {message.answered && <span className="hint">answered</span>}
        <span className="hint">
          {when(message.at)}, by the form on{" "}
          {props.pageThere ? (
            <Link to={`/pages/${message.page}`}>{message.pageTitle}</Link>
          ) : (
            message.pageTitle
          )}
        </span>
      </div>
      <dl>
        {message.answers.map(({ label, value }) => (
          <div key={label}>
            <dt>{label}</dt>
            <dd>{value || <span className="hint">nothing</span>}</dd>
          </div>
        ))}
      </dl>
      <details>
        <summary>
          {SENDING[message.sending]}
          {message.problem !== "" && `: ${message.problem}`}
        </summary>
        <pre>
          {`To: ${message.outgoing.to || "nobody; type the mail address of the business"}\nSubject: ${message.outgoing.subject}\n\n${message.outgoing.text}`}
        </pre>
      </details>
      {mayEdit && (
        <div className="message-actions">
          {message.mail !== "" && (
            <a
              className="as-button"
              href={`mailto:${message.mail}?subject=${encodeURIComponent(`Re: ${message.pageTitle}`)}`}
              onClick={() => onMark({ read: true })}
            >
              Answer by mail
            </a>
          )}
          <Button size="small" onClick={() => onMark({ read: !message.read })}>
            {message.read ? "Mark as unread" : "Mark as read"}
          </Button>
          <Button size="small" onClick={() => onMark({ read: true, answered: !message.answered })}>
            {message.answered ? "Mark as not answered" : "Mark as answered"}
          </Button>
          {removing ? (
            <span className="ask" role="alertdialog" aria-label={`Remove the message from ${who} for good`}>
              Nobody can restore it, and undo cannot either.{" "}
              <Button size="small" danger onClick={props.onRemove}>
                Remove for good
              </Button>{" "}
              <Button size="small" type="text" autoFocus onClick={() => setRemoving(false)}>
                Cancel
              </Button>
            </span>
          ) : (
            <Button size="small" type="text" onClick={() => setRemoving(true)}>
              Remove for good…
            </Button>
          )}
        </div>
      )}
    </li>
  );
}
