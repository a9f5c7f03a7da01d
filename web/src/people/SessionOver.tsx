import { Button } from "antd";
import { useEffect, useState } from "react";
import { api, type PersonDto, whenSessionIsOver } from "../api/client";
import { SignInForm } from "./SignInForm";

/** Asks the person to sign in again, over the screen, once their session is over; what waited for that then goes on. */
export function SessionOver({ person }: { readonly person: PersonDto }) {
  const [waiting, setWaiting] = useState<readonly (() => void)[]>([]);
  useEffect(() => {
    whenSessionIsOver(() => new Promise((goOn) => setWaiting((before) => [...before, goOn])));
    return () => whenSessionIsOver(null);
  }, []);
  if (waiting.length === 0) return null;
  return (
    <dialog
      className="session-over"
      aria-labelledby="session-over"
      ref={(dialog) => {
        if (!dialog || dialog.open) return;
        dialog.showModal();
        dialog.querySelector<HTMLInputElement>("input[type=password]")?.focus();
      }}
      onCancel={(event) => event.preventDefault()} // the screen behind it can do nothing without a session
      onKeyDown={(event) => event.stopPropagation()}
    >
      <h2 id="session-over">Sign in again</h2>
      <p>
        Your session is over, {person.displayName}. Nothing is lost: what you did last is saved once you are
        back.
      </p>
      <SignInForm
        name={person.name}
        onEnter={async (session) => {
          if (session.person?.name !== person.name) return location.reload();
          await api.session().catch(() => {}); // brings the token that what waits has to carry
          for (const goOn of waiting) goOn();
          setWaiting([]);
        }}
      />
      <Button type="link" size="small" onClick={() => location.assign("/-/manage/")}>
        I am somebody else
      </Button>
    </dialog>
  );
}
