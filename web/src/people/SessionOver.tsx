import { Button } from "antd";
import { useEffect, useRef, useState } from "react";
import { api, type PersonDto, whenSessionIsOver } from "../api/client";
import { SignInForm } from "./SignInForm";

/** Asks the person to sign in again, over the screen, once their session is over; what waited for that then goes on. */
export function SessionOver({ person }: { readonly person: PersonDto }) {
  const [over, setOver] = useState(false);
  /** What goes on then; also what is told that the session is over while the person signs in. */
  const waiting = useRef<(() => void)[]>([]);
  useEffect(() => {
    whenSessionIsOver(
      () =>
        new Promise((goOn) => {
          waiting.current.push(goOn);
          setOver(true);
        }),
    );
    return () => whenSessionIsOver(null);
  }, []);
  if (!over) return null;
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
          setOver(false);
          for (const goOn of waiting.current.splice(0)) goOn();
        }}
      />
      <Button type="link" size="small" onClick={() => location.assign("/-/manage/")}>
        I am somebody else
      </Button>
    </dialog>
  );
}
