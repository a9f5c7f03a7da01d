import { Button, Checkbox, Select } from "antd";
import { useState } from "react";
import type { ChangeDto, FormFieldDto } from "../api/client";
import { useMayEdit } from "../people/mayEdit";
import { Group } from "../shared/Group";
import { KeptField } from "../shared/KeptField";
import { Problem } from "../shared/Problem";
import { useAsked } from "../shared/useAsked";
import type { Result } from "../working-copy/store";
import type { Page } from "../working-copy/tree";

const KINDS: readonly { readonly value: FormFieldDto["kind"]; readonly label: string }[] = [
  { value: "NAME", label: "Name" },
  { value: "MAIL", label: "Mail address" },
  { value: "PHONE", label: "Phone number" },
  { value: "DATE", label: "Date" },
  { value: "CHOICE", label: "Choice" },
  { value: "WORDS", label: "Longer text" },
];

/** What a new form asks for. */
const USUAL: readonly FormFieldDto[] = [
  { kind: "NAME", label: "Your name", required: true, choices: [] },
  { kind: "MAIL", label: "Mail address", required: true, choices: [] },
  { kind: "WORDS", label: "Your message", required: true, choices: [] },
];

/** The form by which visitors write to the business from a page. */
export function EnquiryForm(props: {
  readonly page: Page;
  readonly onChange: (change: ChangeDto) => Promise<Result>;
}) {
  const { page, onChange } = props;
  const mayEdit = useMayEdit();
  /** What was wrong with the form as it was last sent; said where it is edited. */
  const [problem, setProblem] = useState<string | null>(null);
  const [fields, set] = useAsked<readonly FormFieldDto[]>(page.form ?? [], async (next) => {
    const result = await onChange({ kind: "setForm", page: page.id, fields: next });
    setProblem(result.ok ? null : result.sentence);
    return result.ok;
  });
  const replace = (at: number, by: Partial<FormFieldDto>) =>
    set(fields.map((field, index) => (index === at ? { ...field, ...by } : field)));
  const up = (at: number) =>
    void set(
      fields.map((field, index) =>
        index === at - 1 ? (fields[at] ?? field) : index === at ? (fields[at - 1] ?? field) : field,
      ),
    );
  return (
    <Group name="page-form" folded={page.form === null} heading="Enquiry form">
      {fields.length === 0 ? (
        <p className="hint">
          Visitors can write to you from this page, without anything to install.{" "}
          {mayEdit && (
            <Button size="small" onClick={() => void set(USUAL)}>
              Add an enquiry form
            </Button>
          )}
        </p>
      ) : (
        <fieldset className="form-fields" disabled={!mayEdit}>
          <legend className="unseen">Fields of the form</legend>
          <ol>
            {fields.map((field, at) => (
              <li key={at}>
                <KeptField
                  id={`field-${at}`}
                  label={`Name of field ${at + 1}`}
                  value={field.label}
                  onKeep={(label) => replace(at, { label })}
                />
                <Select
                  aria-label={`Kind of ${field.label}`}
                  disabled={!mayEdit}
                  value={field.kind}
                  popupMatchSelectWidth={false}
                  onChange={(kind) =>
                    void replace(at, { kind, choices: kind === "CHOICE" ? ["One", "Another"] : [] })
                  }
                  options={[...KINDS]}
                />
                <Checkbox
                  checked={field.required}
                  aria-label={`${field.label} must be filled in`}
                  onChange={(event) => void replace(at, { required: event.target.checked })}
                >
                  required
                </Checkbox>
                <span className="form-field-moves">
                  <Button
                    size="small"
                    disabled={at === 0}
                    aria-label={`Move ${field.label} up`}
                    onClick={() => up(at)}
                  >
                    Up
                  </Button>
                  <Button
                    size="small"
                    aria-label={`Remove ${field.label}`}
                    onClick={() => void set(fields.filter((_, index) => index !== at))}
                  >
                    Remove
                  </Button>
                </span>
                {field.kind === "CHOICE" && (
                  <Choices
                    label={field.label}
                    choices={field.choices}
                    onKeep={(choices) => replace(at, { choices })}
                  />
                )}
              </li>
            ))}
          </ol>
          <Problem sentence={problem} />
          {mayEdit && (
            <span className="form-field-moves">
              <Button
                size="small"
                onClick={() =>
                  void set([
                    ...fields,
                    { kind: "WORDS", label: free("Question", fields), required: false, choices: [] },
                  ])
                }
              >
                Add a field
              </Button>
              <Button size="small" type="text" onClick={() => void set([])}>
                Remove the form
              </Button>
            </span>
          )}
          <p className="hint">
            Messages come to the Messages screen, and by mail where a mail server is set.
          </p>
        </fieldset>
      )}
    </Group>
  );
}

function Choices(props: {
  readonly label: string;
  readonly choices: readonly string[];
  readonly onKeep: (choices: readonly string[]) => Promise<boolean>;
}) {
  return (
    <span className="form-choices">
      <KeptField
        id={`choices-${props.label}`}
        label={`Choices of ${props.label}, a line each`}
        rows={3}
        value={props.choices.join("\n")}
        onKeep={(typed) => props.onKeep(typed.split("\n"))}
      />
    </span>
  );
}

/** A name that no other field has. */
function free(name: string, fields: readonly FormFieldDto[]): string {
  const taken = new Set(fields.map(({ label }) => label.toLowerCase()));
  for (let number = 1; ; number++) {
    const label = number === 1 ? name : `${name} ${number}`;
    if (!taken.has(label.toLowerCase())) return label;
  }
}
