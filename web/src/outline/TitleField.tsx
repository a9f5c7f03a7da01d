import { Input, type InputRef } from "antd";
import { useEffect, useRef, useState } from "react";
import { Says } from "../shared/Says";
import type { Result } from "../working-copy/store";

/**
 * A title being typed in its row: Enter keeps it, Escape gives up, going elsewhere keeps it too. When the title becomes
 * another meanwhile, both are shown.
 */
export function TitleField(props: {
  readonly label: string;
  readonly initial: string;
  readonly placeholder?: string;
  /** What was typed before and why it was refused. */
  readonly refused?: { readonly name: string; readonly sentence: string } | undefined;
  readonly onKeep: (title: string) => Promise<Result>;
  readonly onLeave: () => void;
}) {
  const [title, setTitle] = useState(props.refused?.name ?? props.initial);
  const [over] = useState(props.initial);
  const [problem, setProblem] = useState(props.refused?.sentence ?? null);
  const field = useRef<InputRef>(null);
  const done = useRef(false);
  useEffect(() => field.current?.select(), []);

  const keep = async () => {
    if (done.current) return;
    if (title.trim() === props.initial) return leave();
    done.current = true;
    const result = await props.onKeep(title);
    if (!result.ok) {
      done.current = false;
      setProblem(result.sentence);
      field.current?.focus();
    }
  };
  const leave = () => {
    done.current = true;
    props.onLeave();
  };
  const became = props.initial !== over && title !== props.initial ? `Now “${props.initial}”` : undefined;
  const says = problem ?? became;
  return (
    <Says sentence={says}>
      <Input
        ref={field}
        size="small"
        value={title}
        autoFocus
        placeholder={props.placeholder}
        aria-label={props.label}
        aria-invalid={problem !== null}
        onChange={(event) => setTitle(event.target.value)}
        onBlur={() => void keep()}
        onKeyDown={(event) => {
          if (event.key === "Enter") {
            event.preventDefault();
            event.stopPropagation();
            void keep();
          } else if (event.key === "Escape") {
            event.stopPropagation();
            leave();
          }
        }}
      />
    </Says>
  );
}
