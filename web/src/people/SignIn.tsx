import { Button } from "antd";
import { useState } from "react";
import { api, type SessionDto } from "../api/client";
import { VelnikMark } from "../shared/marks";
import { Problem } from "../shared/Problem";
import { sentenceOf } from "../shared/sentenceOf";
import { SignInForm } from "./SignInForm";

export function SignIn(props: {
  readonly demo: SessionDto["demo"];
  readonly onEnter: (session: SessionDto) => void;
}) {
  const { demo, onEnter } = props;
  return (
    <main className="entrance">
      <h1>
        <VelnikMark /> Velnik
      </h1>
      <SignInForm name="" onEnter={onEnter} />
      {demo.length > 0 && <DemoAccounts accounts={demo} onEnter={onEnter} />}
    </main>
  );
}

const ROLES: Readonly<Record<SessionDto["demo"][number]["role"], string>> = {
  OWNER: "owner, may do everything",
  EDITOR: "editor, may not publish",
  READER: "reader, may only look",
};

/** The demo hides nothing, so each of its accounts is a press away. */
function DemoAccounts(props: {
  readonly accounts: SessionDto["demo"];
  readonly onEnter: (session: SessionDto) => void;
}) {
  const [problem, setProblem] = useState<string | null>(null);
  return (
    <section className="demo-accounts" aria-labelledby="demo">
      <h2 id="demo">Or look around the demo as</h2>
      {props.accounts.map(({ name, displayName, role, password }) => (
        <Button
          key={name}
          block
          onClick={() =>
            api.signIn(name, password).then(props.onEnter, (wrong) => setProblem(sentenceOf(wrong)))
          }
        >
          <b>{displayName}</b> {ROLES[role]}
        </Button>
      ))}
      <Problem sentence={problem} />
    </section>
  );
}
