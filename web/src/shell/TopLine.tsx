import { Button, Dropdown, Tooltip } from "antd";
import { NavLink, useLocation, useNavigate } from "react-router";
import type { PersonDto } from "../api/client";
import { useLastNightFailed } from "../backups/useBackups";
import { useUnread } from "../messages/useUnread";
import { counted, written } from "../shared/counted";
import { useDensity } from "../shared/density";
import { OpenIcon, RedoIcon, UndoIcon } from "../shared/icons";
import { VelnikMark } from "../shared/marks";
import { SteadyButton } from "../shared/SteadyButton";
import type { Keeping, WorkingCopy } from "../working-copy/store";
import { SCREENS } from "./screenNames";

/** The one line at the top: where one is, whether all is kept, undo and redo, and what waits to be published. */
export function TopLine(props: {
  readonly copy: WorkingCopy;
  readonly keeping: Keeping;
  readonly person: PersonDto;
  /** So many of the person's latest edits. */
  readonly onUndo: (edits: number) => void;
  readonly onRedo: () => void;
  readonly onPublish: () => void;
  readonly onLeave: () => void;
}) {
  const { copy, person } = props;
  return (
    <header className="top-line">
      <h1 className="unseen">{copy.siteName}</h1>
      <span className="product">
        <VelnikMark /> Velnik
      </span>
      <a
        className="site-link"
        href="/"
        target="_blank"
        rel="noreferrer"
        title="Open the site as visitors see it"
      >
        {copy.siteName}
      </a>
      <Screens person={person} />
      <span className="spring" />
      {person.role === "READER" && props.keeping.status !== "lost" ? (
        <span className="keeping">You can look at everything, but not change it.</span>
      ) : (
        <KeepingWord keeping={props.keeping} />
      )}
      {person.role !== "READER" && <Steps {...props} />}
      <Publishing copy={copy} person={person} onPublish={props.onPublish} />
      <Person person={person} onLeave={props.onLeave} />
    </header>
  );
}

/** The way to each screen; those seldom wanted are behind a button. */
function Screens({ person }: { readonly person: PersonDto }) {
  const go = useNavigate();
  const area = useLocation().pathname;
  const unread = useUnread();
  const failed = useLastNightFailed(person.role === "OWNER");
  const theirs = SCREENS.filter((screen) => !("ownersOnly" in screen) || person.role === "OWNER");
  const seldom = theirs.filter((screen) => "seldom" in screen);
  const here = seldom.find(({ path }) => area.startsWith(path));
  return (
    <nav aria-label="Screens">
      {theirs
        .filter((screen) => !("seldom" in screen))
        .map(({ path, name }) => (
          <NavLink key={path} to={path}>
            {name}
          </NavLink>
        ))}
      <Dropdown
        trigger={["click"]}
        autoFocus
        menu={{
          items: seldom.map(({ path, name }) => ({
            key: path,
            label: name + aside(path, unread, failed),
          })),
          selectedKeys: here ? [here.path] : [],
          onClick: ({ key }) => void go(key),
        }}
      >
        <Button type="text" className={here ? "more here" : "more"}>
          {here?.name ?? (
            <span>
              More<span className="unseen"> screens</span>
            </span>
          )}
          {unread > 0 && <Unread count={unread} seen={here === undefined || here.path === "/messages"} />}
          {failed && (
            <span title={NOT_TAKEN}>
              <span className="unread-count failed">!</span>
              <span className="unseen"> {NOT_TAKEN}</span>
            </span>
          )}{" "}
          <OpenIcon />
        </Button>
      </Dropdown>
    </nav>
  );
}

const NOT_TAKEN = "Last night’s backup was not taken";

/** What there is to say of a screen beside its name. */
function aside(path: string, unread: number, failed: boolean): string {
  if (path === "/messages" && unread > 0) return ` (${unread} unread)`;
  return path === "/backups" && failed ? " (last night’s was not taken)" : "";
}

/** How many messages nobody has read; what is seen of it is part of what is heard. */
function Unread({ count, seen }: { readonly count: number; readonly seen: boolean }) {
  return (
    <span>
      <span className={seen ? "unread-count" : "unseen"}>{count}</span>
      <span className="unseen">{count === 1 ? " unread message" : " unread messages"}</span>
    </span>
  );
}

/** Who is signed in, how they like the rows, and the way out. */
function Person({ person, onLeave }: { readonly person: PersonDto; readonly onLeave: () => void }) {
  const { density, choose } = useDensity();
  const other = density === "roomy" ? "close" : "roomy";
  return (
    <Dropdown
      trigger={["click"]}
      autoFocus
      menu={{
        items: [
          { key: "name", type: "group", label: person.displayName },
          { key: "density", label: density === "roomy" ? "Put rows closer together" : "Give rows more room" },
          { key: "leave", label: "Sign out" },
        ],
        onClick: ({ key }) => (key === "leave" ? onLeave() : choose(other)),
      }}
    >
      <Button
        className="person"
        shape="circle"
        aria-label={`${initials(person.displayName)}, ${person.displayName}`}
      >
        {initials(person.displayName)}
      </Button>
    </Dropdown>
  );
}

/** Undo, the latest edits, redo. */
function Steps(props: {
  readonly copy: WorkingCopy;
  readonly onUndo: (edits: number) => void;
  readonly onRedo: () => void;
}) {
  const { undo, redo, latest } = props.copy.history;
  return (
    <>
      <Tooltip title={undo ? `Undo: ${undo} (Ctrl+Z)` : "Nothing to undo"}>
        <SteadyButton
          type="text"
          aria-label={undo ? `Undo: ${undo}` : "Undo"}
          idle={!undo}
          onClick={() => props.onUndo(1)}
        >
          <UndoIcon />
        </SteadyButton>
      </Tooltip>
      <Dropdown
        trigger={["click"]}
        autoFocus
        disabled={!undo}
        menu={{
          items: [
            { key: "title", type: "group", label: "Back to before" },
            ...latest.map((title, index) => ({ key: String(index + 1), label: title })),
          ],
          onClick: ({ key }) => props.onUndo(Number(key)),
        }}
      >
        <Button type="text" className="latest" aria-label="Latest edits" disabled={!undo}>
          <OpenIcon />
        </Button>
      </Dropdown>
      <Tooltip title={redo ? `Redo: ${redo} (Ctrl+Shift+Z)` : "Nothing to redo"}>
        <SteadyButton
          type="text"
          aria-label={redo ? `Redo: ${redo}` : "Redo"}
          idle={!redo}
          onClick={props.onRedo}
        >
          <RedoIcon />
        </SteadyButton>
      </Tooltip>
    </>
  );
}

function KeepingWord({ keeping }: { readonly keeping: Keeping }) {
  switch (keeping.status) {
    case "kept":
      return (
        <span className="keeping" role="status">
          Saved
        </span>
      );
    case "sending":
      return (
        <span className="keeping" role="status">
          Saving…
        </span>
      );
    case "lost":
      return (
        <span className="keeping problem" role="status">
          {keeping.why === null ? "No connection." : "The disk takes no edits."}
          {keeping.waiting > 0 && ` ${counted(keeping.waiting, "# edit waits", "# edits wait")} to be sent.`}
        </span>
      );
  }
}

function Publishing(props: {
  readonly copy: WorkingCopy;
  readonly person: PersonDto;
  readonly onPublish: () => void;
}) {
  const { waiting } = props.copy;
  const mayPublish = props.person.role === "OWNER";
  // The built-in pages alone are no site to publish.
  if (props.copy.tree.home === null) return null;
  if (waiting === 0) return <span className="nothing-waits">Nothing waits</span>;
  return (
    <span className="publishing">
      <NavLink className="waiting" to="/waiting">
        {written(waiting)} waiting
      </NavLink>
      {mayPublish && (
        <Tooltip title="Visitors see everything as it is now">
          <Button type="primary" onClick={props.onPublish}>
            Publish
          </Button>
        </Tooltip>
      )}
    </span>
  );
}

function initials(name: string): string {
  return name
    .split(/\s+/)
    .map((part) => part.charAt(0))
    .slice(0, 2)
    .join("")
    .toUpperCase();
}
