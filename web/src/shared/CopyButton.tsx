import { Button } from "antd";
import { useState } from "react";
import { Problem } from "./Problem";

/** Copies a text to be pasted elsewhere, and says whether it did. */
export function CopyButton(props: {
  readonly words: string;
  readonly text: string;
  readonly size?: "small";
}) {
  const [copied, setCopied] = useState<{ readonly text: string; readonly done: boolean } | null>(null);
  const known = copied?.text === props.text ? copied : null;
  const copy = async () => setCopied({ text: props.text, done: await put(props.text) });
  return (
    <>
      <Button {...(props.size ? { size: props.size } : {})} onClick={() => void copy()}>
        {known?.done ? "Copied" : props.words}
      </Button>
      <Problem
        sentence={
          known && !known.done
            ? `Your browser did not let it be copied. Select and copy it by hand${props.text.includes("\n") ? "" : `: ${props.text}`}.`
            : null
        }
      />
    </>
  );
}

/** Without a secure connection browsers only copy what is selected. */
async function put(text: string): Promise<boolean> {
  try {
    await navigator.clipboard.writeText(text);
    return true;
  } catch {
    const field = document.createElement("textarea");
    field.className = "unseen";
    field.value = text;
    const focused = document.activeElement;
    document.body.append(field);
    field.select();
    const done = document.execCommand("copy");
    field.remove();
    if (focused instanceof HTMLElement) focused.focus();
    return done;
  }
}
