import { Button, Select } from "antd";
import type { ChangeDto } from "../api/client";
import { useMayEdit } from "../people/mayEdit";
import { ifKnown } from "../shared/answer";
import type { WorkingCopy, WorkingCopyStore } from "../working-copy/store";
import { Alternative } from "./Alternative";
import { ChooseFiles } from "./ChooseFiles";
import { UploadsOnTheirWay } from "./UploadsOnTheirWay";
import { useFiles } from "./useFiles";
import { useUploads } from "./useUploads";
import { isPicture, PICTURES } from "./words";
import "./files.css";

/** One of the pictures, or a new one; what it shows is asked for right here. */
export function PictureChoice(props: {
  readonly id: string;
  /** What it is called, where nothing beside it says so. */
  readonly label?: string;
  readonly copy: WorkingCopy;
  readonly store: WorkingCopyStore;
  readonly value: string | null;
  /** Whether it stands for itself, so that nobody asks what it shows. */
  readonly decoration?: boolean;
  readonly onChoose: (picture: string | null) => Promise<boolean>;
  readonly onChange: (change: ChangeDto) => Promise<boolean>;
}) {
  const { copy, value, onChoose } = props;
  const mayEdit = useMayEdit();
  const uploads = useUploads(props.store);
  const pictures = ifKnown(useFiles(copy.revision))?.filter(isPicture);
  const chosen = pictures?.find(({ id }) => id === value);
  return (
    <span className="picture-choice">
      {chosen?.picture && <img src={chosen.picture} alt={chosen.alternative ?? ""} height={96} />}
      <span className="picture-which">
        <Select
          id={props.id}
          aria-label={props.label}
          disabled={!mayEdit || pictures === undefined}
          showSearch
          optionFilterProp="label"
          allowClear
          placeholder={pictures === undefined ? "Looking up the pictures…" : "none"}
          value={chosen?.id ?? null}
          onChange={(picture: string | undefined) => void onChoose(picture ?? null)}
          options={(pictures ?? []).map(({ id, name }) => ({ value: id, label: name }))}
        />
        {mayEdit && (
          <ChooseFiles
            words="Add a picture…"
            accept={PICTURES}
            onChoose={async (files) => {
              const [picture] = await uploads.send(files);
              if (picture) await onChoose(picture);
            }}
          />
        )}
        {value !== null && chosen === undefined && pictures !== undefined && (
          <>
            <span className="hint">The picture that was here is removed.</span>
            {mayEdit && (
              <Button type="text" onClick={() => void onChoose(null)}>
                Show none
              </Button>
            )}
          </>
        )}
      </span>
      <UploadsOnTheirWay uploads={uploads} />
      {chosen && !props.decoration && (
        <>
          <label htmlFor={`${props.id}-shows`}>What it shows</label>
          <Alternative
            key={chosen.id}
            file={chosen}
            id={`${props.id}-shows`}
            disabled={!mayEdit}
            onChange={props.onChange}
          />
        </>
      )}
    </span>
  );
}
