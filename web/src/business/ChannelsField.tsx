import { Button, Input } from "antd";
import { useState } from "react";
import type { ChannelDto } from "../api/client";
import { IconChoice } from "../shared/IconChoice";
import { RemoveIcon, UpIcon } from "../shared/icons";
import { KeptField } from "../shared/KeptField";

const NOTHING: ChannelDto = { name: "", address: "", icon: "people" };

/** Where else the business is found: an icon, a name and an address each, and a line for one more. */
export function ChannelsField(props: {
  readonly mayEdit: boolean;
  readonly channels: readonly ChannelDto[];
  /** Whether they were taken. */
  readonly onKeep: (channels: readonly ChannelDto[]) => Promise<boolean>;
}) {
  const { channels, onKeep, mayEdit } = props;
  const [fresh, setFresh] = useState(NOTHING);
  const change = (at: number, to: Partial<ChannelDto>) =>
    onKeep(channels.map((channel, each) => (each === at ? { ...channel, ...to } : channel)));
  const add = async () => {
    if (fresh.name.trim() === "" || fresh.address.trim() === "") return;
    if (await onKeep([...channels, fresh])) setFresh(NOTHING);
  };
  return (
    <ul className="channels" aria-label="Channels">
      {channels.map((channel, at) => {
        const called = channel.name;
        return (
          <li key={at}>
            <IconChoice
              label={`Icon of ${called}`}
              disabled={!mayEdit}
              value={channel.icon}
              onChoose={(icon) => void change(at, { icon })}
            />
            <KeptField
              id={`channel-name-${at}`}
              label={`Name of channel ${at + 1}`}
              value={channel.name}
              onKeep={(name) => change(at, { name })}
            />
            <KeptField
              id={`channel-address-${at}`}
              label={`Address of ${called}`}
              value={channel.address}
              onKeep={(address) => change(at, { address })}
            />
            {mayEdit && (
              <>
                <Button
                  type="text"
                  icon={<UpIcon />}
                  disabled={at === 0}
                  aria-label={`${called} one up`}
                  title="One up"
                  onClick={() =>
                    void onKeep([
                      ...channels.slice(0, at - 1),
                      channel,
                      ...channels.slice(at - 1, at),
                      ...channels.slice(at + 1),
                    ])
                  }
                />
                <Button
                  type="text"
                  icon={<RemoveIcon />}
                  aria-label={`Remove ${called}`}
                  title="Remove"
                  onClick={() => void onKeep(channels.filter((_, each) => each !== at))}
                />
              </>
            )}
          </li>
        );
      })}
      {mayEdit && (
        <li>
          <IconChoice
            label="Icon of the new channel"
            value={fresh.icon}
            onChoose={(icon) => setFresh({ ...fresh, icon })}
          />
          <Input
            aria-label="Name of the new channel"
            placeholder="Our pictures"
            value={fresh.name}
            onChange={(event) => setFresh({ ...fresh, name: event.target.value })}
            onPressEnter={() => void add()}
          />
          <Input
            aria-label="Address of the new channel"
            placeholder="https://…"
            value={fresh.address}
            onChange={(event) => setFresh({ ...fresh, address: event.target.value })}
            onPressEnter={() => void add()}
          />
          <Button
            disabled={fresh.name.trim() === "" || fresh.address.trim() === ""}
            onClick={() => void add()}
          >
            Add
          </Button>
        </li>
      )}
    </ul>
  );
}
