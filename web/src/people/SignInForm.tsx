import { Button, Input } from "antd";
import { useState } from "react";
import { api, type SessionDto } from "../api/client";
import { Problem } from "../shared/Problem";
import { sentenceOf } from "../shared/sentenceOf";

/** Name and password. */
export function SignInForm(props: {
  /** Whom it is for; empty where anybody may come. */
  readonly name: string;
  readonly onEnter: (session: SessionDto) => void;
}) {
  const [name, setName] = useState(props.name);
  const [password, setPassword] = useState("");
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const signIn = async () => {
    setBusy(true);
    try {
      props.onEnter(await api.signIn(name.trim(), password));
    } catch (wrong) {
      setProblem(sentenceOf(wrong));
      setBusy(false);
    }
  };
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        void signIn();
      }}
    >
      <label htmlFor="name">Name</label>
      <Input
        id="name"
        value={name}
        readOnly={props.name !== ""}
        autoFocus={props.name === ""}
        autoComplete="username"
        autoCapitalize="none"
        onChange={(event) => setName(event.target.value)}
      />
      <label htmlFor="password">Password</label>
      <Input
        type="password"
        id="password"
        value={password}
        autoFocus={props.name !== ""}
        autoComplete="current-password"
        onChange={(event) => setPassword(event.target.value)}
      />
      <Problem sentence={problem} />
      <Button type="primary" htmlType="submit" loading={busy}>
        Sign in
      </Button>
    </form>
  );
}
