import { Button } from "antd";
import type { ChangeDto, FileDto } from "../api/client";
import { Alternative } from "../files/Alternative";
import { ChooseFiles } from "../files/ChooseFiles";
import { isPicture, PICTURES } from "../files/words";
import type { Result } from "../working-copy/store";

/** Above the text: the pictures to choose from, and then what the one that was put in shows. */
export function PictureBar(props: {
  /** Undefined until they are known. */
  readonly files: readonly FileDto[] | undefined;
  readonly state: "choosing" | { readonly picture: string } | null;
  readonly onPut: (file: string) => void;
  readonly onSend: (files: readonly File[]) => void;
  readonly onChange: (change: ChangeDto) => Promise<Result>;
  readonly onLeave: () => void;
}) {
  const { files, state, onLeave } = props;
  if (state === null) return null;
  if (state === "choosing") {
    const pictures = files?.filter(isPicture);
    return (
      <div className="picture-bar">
        <ChooseFiles words="Add a picture…" size="small" accept={PICTURES} several onChoose={props.onSend} />
        {pictures === undefined && <span className="hint">Looking up the pictures…</span>}
        {pictures?.map(({ id, name, picture }) => (
          <button key={id} type="button" className="plain" title={name} onClick={() => props.onPut(id)}>
            <img src={picture ?? ""} alt={name} height={54} />
          </button>
        ))}
        <Button size="small" type="text" onClick={onLeave}>
          Cancel
        </Button>
      </div>
    );
  }
  const file = files?.find(({ id }) => id === state.picture);
  return (
    file && (
      <div className="picture-bar asks">
        <label htmlFor="picture-shows">What does {file.name} show, for those who do not see it?</label>
        <Alternative
          key={file.id}
          file={file}
          id="picture-shows"
          disabled={false}
          onChange={async (change) => (await props.onChange(change)).ok}
        />
        <Button size="small" onClick={onLeave}>
          Done
        </Button>
      </div>
    )
  );
}
