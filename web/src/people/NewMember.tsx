import { Button, Input } from "antd";
import { useState } from "react";
import { api, type MembersDto, Refused } from "../api/client";
import { FieldRow, problemsOf } from "./FieldRow";
import { suggestedPassword } from "./suggested";

const FIELDS = [
  { field: "displayName", label: "Who it is" },
  { field: "name", label: "Name to sign in with" },
  { field: "password", label: "Password, to hand over" },
] as const;

type Field = (typeof FIELDS)[number]["field"];

const fresh = () => ({ displayName: "", name: "", password: suggestedPassword() });

/** Makes somebody a member. What is wrong is said beside its field, and nothing typed is lost. */
export function NewMember(props: {
  /** Whether there is no member yet. */
  readonly first: boolean;
  readonly onAdded: (members: MembersDto, name: string) => void;
}) {
  const [member, setMember] = useState(fresh);
  const [problems, setProblems] = useState<Partial<Record<Field | "form", string>>>({});
  const add = async () => {
    try {
      const members = await api.addMember({ ...member, name: member.name.trim().toLowerCase() });
      props.onAdded(members, member.displayName);
      setMember(fresh);
      setProblems({});
      focusNewMember();
    } catch (wrong) {
      setProblems(problemsOf(wrong, isTaken(wrong) ? "name" : "form"));
    }
  };
  return (
    <form
      className="new-member"
      onSubmit={(event) => {
        event.preventDefault();
        void add();
      }}
    >
      <h3>{props.first ? "The first member" : "Another member"}</h3>
      {FIELDS.map(({ field, label }) => (
        <FieldRow key={field} id={`member-${field}`} label={label} problem={problems[field]}>
          <Input
            id={`member-${field}`}
            value={member[field]}
            autoComplete="off"
            autoCapitalize={field === "displayName" ? "words" : "none"}
            onChange={(event) => setMember({ ...member, [field]: event.target.value })}
          />
        </FieldRow>
      ))}
      {problems.form && (
        <p className="problem" role="alert">
          {problems.form}
        </p>
      )}
      <Button type="primary" htmlType="submit">
        Make them a member
      </Button>
    </form>
  );
}

/** Where to go on once something of the list is done. */
export function focusNewMember(): void {
  document.getElementById("member-displayName")?.focus();
}

function isTaken(wrong: unknown): boolean {
  return wrong instanceof Refused && wrong.type === "member-exists";
}
