import { Button, Input } from "antd";
import { useState } from "react";
import { api, type SessionDto } from "../api/client";
import { VelnikMark } from "../shared/marks";
import { FieldRow, problemsOf } from "./FieldRow";

const EMPTY = { siteName: "", displayName: "", name: "", password: "" };

type Field = keyof typeof EMPTY;

/** The very first screen of a new site: whose it is. */
export function FirstOwner({ onEnter }: { readonly onEnter: (session: SessionDto) => void }) {
  const [owner, setOwner] = useState(EMPTY);
  const [problems, setProblems] = useState<Partial<Record<Field | "form", string>>>({});
  const [busy, setBusy] = useState(false);
  const begin = async () => {
    setBusy(true);
    try {
      onEnter(
        await api.begin({
          ...owner,
          name: owner.name.trim().toLowerCase(),
          timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone,
        }),
      );
    } catch (wrong) {
      setProblems(problemsOf(wrong));
      setBusy(false);
    }
  };
  const set = (field: Field) => (event: { target: { value: string } }) =>
    setOwner({ ...owner, [field]: event.target.value });
  return (
    <main className="entrance">
      <h1>
        <VelnikMark /> Velnik
      </h1>
      <p>A new site begins here. You will be its owner.</p>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          void begin();
        }}
      >
        <FieldRow id="siteName" label="What the site is called" problem={problems.siteName}>
          <Input id="siteName" value={owner.siteName} autoFocus onChange={set("siteName")} />
        </FieldRow>
        <FieldRow id="displayName" label="What you are called" problem={problems.displayName}>
          <Input
            id="displayName"
            value={owner.displayName}
            autoComplete="name"
            onChange={set("displayName")}
          />
        </FieldRow>
        <FieldRow id="name" label="Name to sign in with" problem={problems.name}>
          <Input
            id="name"
            value={owner.name}
            autoComplete="username"
            autoCapitalize="none"
            onChange={set("name")}
          />
        </FieldRow>
        <FieldRow id="password" label="Password, 10 characters or more" problem={problems.password}>
          <Input
            type="password"
            id="password"
            value={owner.password}
            autoComplete="new-password"
            onChange={set("password")}
          />
        </FieldRow>
        {problems.form && (
          <p className="problem" role="alert">
            {problems.form}
          </p>
        )}
        <Button type="primary" htmlType="submit" loading={busy}>
          Begin
        </Button>
      </form>
    </main>
  );
}
