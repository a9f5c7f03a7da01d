import { Checkbox } from "antd";
import { useState } from "react";
import type { ChangeDto, FileDto } from "../api/client";
import { KeptField } from "../shared/KeptField";

/** What a picture shows, for visitors who do not see it; that it is decoration alone is an answer too. */
export function Alternative(props: {
  readonly file: FileDto;
  readonly id: string;
  readonly disabled: boolean;
  /** Whether it was taken. */
  readonly onChange: (change: ChangeDto) => Promise<boolean>;
}) {
  const { file, onChange } = props;
  /** What was said last, and over what; it shows at once, though the files are asked for again first. */
  const [said, setSaid] = useState<{ readonly words: string; readonly over: string | null } | null>(null);
  const alternative = said?.over === file.alternative ? said.words : file.alternative;
  const say = async (words: string) => {
    setSaid({ words, over: file.alternative });
    const taken = await onChange({ kind: "setFile", file: file.id, name: null, alternative: words });
    if (!taken) setSaid(null);
    return taken;
  };
  /** Whether words are asked for though it still counts as decoration. */
  const [asking, setAsking] = useState(false);
  const decoration = alternative === "" && !asking;
  return (
    <span className="alternative">
      {!decoration && (
        <KeptField
          id={props.id}
          label={`What ${file.name} shows`}
          value={alternative ?? ""}
          placeholder="Kayaks on the slip at low water"
          onKeep={(words) => say(words.trim())}
        />
      )}
      <Checkbox
        checked={decoration}
        disabled={props.disabled}
        onChange={(event) => {
          setAsking(!event.target.checked);
          if (event.target.checked) void say("");
        }}
      >
        Only decoration
      </Checkbox>
    </span>
  );
}
