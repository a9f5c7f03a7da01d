import { Button, Input } from "antd";
import { useState } from "react";
import { api, type SessionDto } from "../api/client";
import { VelnikMark } from "../shared/marks";
import { Problem } from "../shared/Problem";
import { sentenceOf } from "../working-copy/store";

export function SignIn({ onEnter }: { readonly onEnter: (session: SessionDto) => void }) {
  const [name, setName] = useState("");
  const [password, setPassword] = useState("");
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const signIn = async () => {
    setBusy(true);
    try {
      onEnter(await api.signIn(name.trim(), password));
    } catch (wrong) {
      setProblem(sentenceOf(wrong));
      setBusy(false);
    }
  };
  return (
    <main className="entrance">
      <h1>
        <VelnikMark /> Velnik
      </h1>
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
          autoFocus
          autoComplete="username"
          autoCapitalize="none"
          onChange={(event) => setName(event.target.value)}
        />
        <label htmlFor="password">Password</label>
        <Input
          type="password"
          id="password"
          value={password}
          autoComplete="current-password"
          onChange={(event) => setPassword(event.target.value)}
        />
        <Problem sentence={problem} />
        <Button type="primary" htmlType="submit" loading={busy}>
          Sign in
        </Button>
      </form>
    </main>
  );
}
