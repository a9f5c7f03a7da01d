import { Button, Input } from "antd";
import { type ReactNode, useState } from "react";
import { api, Refused, type SessionDto } from "../api/client";
import { VelnikMark } from "../shared/marks";
import { sentenceOf } from "../working-copy/store";

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
      const fields = wrong instanceof Refused ? wrong.errors : [];
      setProblems(
        fields.length > 0
          ? Object.fromEntries(fields.map((error) => [error.field, error.sentence]))
          : { form: sentenceOf(wrong) },
      );
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
        <Row field="siteName" label="What the site is called" problem={problems.siteName}>
          <Input id="siteName" value={owner.siteName} autoFocus onChange={set("siteName")} />
        </Row>
        <Row field="displayName" label="What you are called" problem={problems.displayName}>
          <Input
            id="displayName"
            value={owner.displayName}
            autoComplete="name"
            onChange={set("displayName")}
          />
        </Row>
        <Row field="name" label="Name to sign in with" problem={problems.name}>
          <Input
            id="name"
            value={owner.name}
            autoComplete="username"
            autoCapitalize="none"
            onChange={set("name")}
          />
        </Row>
        <Row field="password" label="Password, 10 characters or more" problem={problems.password}>
          <Input
            type="password"
            id="password"
            value={owner.password}
            autoComplete="new-password"
            onChange={set("password")}
          />
        </Row>
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

function Row(props: {
  readonly field: Field;
  readonly label: string;
  readonly problem: string | undefined;
  readonly children: ReactNode;
}) {
  return (
    <>
      <label htmlFor={props.field}>{props.label}</label>
      {props.children}
      {props.problem && (
        <p className="problem" role="alert">
          {props.problem}
        </p>
      )}
    </>
  );
}
