import { Button } from "antd";
import { useRef } from "react";

/** A button that asks for files of this computer. */
export function ChooseFiles(props: {
  readonly words: string;
  readonly label?: string;
  /** What may be chosen, as the platform has it. */
  readonly accept: string;
  readonly several?: boolean;
  readonly size?: "small" | "middle";
  readonly type?: "primary" | "text";
  readonly disabled?: boolean;
  readonly onChoose: (files: readonly File[]) => void;
}) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button
        size={props.size ?? "middle"}
        type={props.type ?? "default"}
        disabled={props.disabled ?? false}
        aria-label={props.label}
        onClick={() => input.current?.click()}
      >
        {props.words}
      </Button>
      <input
        ref={input}
        type="file"
        hidden
        accept={props.accept}
        multiple={props.several ?? false}
        onChange={(event) => {
          const files = [...(event.target.files ?? [])];
          event.target.value = ""; // so that the same one can be chosen again
          if (files.length > 0) props.onChoose(files);
        }}
      />
    </>
  );
}
