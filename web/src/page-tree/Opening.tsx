import { Button, Select } from "antd";
import type { ReactNode } from "react";
import type { ChangeDto } from "../api/client";
import { Group } from "../shared/Group";
import { CommonChoice } from "../shared/Mixed";
import { Periods } from "../shared/Periods";
import type { Page } from "../working-copy/tree";

const WHEN_CLOSED = [
  { value: "NOT_FOUND", label: "“Not found”" },
  { value: "OPENS_AGAIN", label: "When it opens again" },
] as const;

/** When pages are there, and what visitors get at other times. */
export function Opening(props: {
  readonly pages: readonly Page[];
  readonly timeZone: string;
  /** What follows at times when they are not there. */
  readonly whileClosed?: ReactNode;
  /** Whether the change was made. */
  readonly onChange: (change: ChangeDto) => Promise<boolean>;
}) {
  const { onChange } = props;
  const pages = props.pages.map((page) => page.id);
  const heldBack = props.pages.filter((page) => page.reach === "HELD_BACK");
  const restricted = props.pages.some((page) => page.periods.length > 0);
  return (
    <Group name="page-opening" folded heading="When visitors can see it">
      <div className="fields">
        <Periods
          each={props.pages.map((page) => page.periods)}
          onKeep={(periods) => onChange({ kind: "setPeriods", pages, periods })}
        />
        {restricted && (
          <>
            <CommonChoice<Page["whenClosed"]>
              id="when-closed"
              label="Otherwise visitors see"
              values={props.pages.map((page) => page.whenClosed)}
              options={WHEN_CLOSED}
              onChoose={(whenClosed) => void onChange({ kind: "setWhenClosed", pages, whenClosed })}
            />
            <label htmlFor="time-zone">By the clock of</label>
            <Select
              id="time-zone"
              value={props.timeZone}
              showSearch
              popupMatchSelectWidth={false}
              title="For all pages and items of the site"
              onChange={(timeZone) => void onChange({ kind: "setTimeZone", timeZone })}
              options={Intl.supportedValuesOf("timeZone").map((zone) => ({ value: zone, label: zone }))}
            />
          </>
        )}
      </div>
      {props.whileClosed}
      {restricted && heldBack.length > 0 && (
        <div className="choices">
          <span className="hint">Held back all the same, in its periods too.</span>
          <Button
            size="small"
            onClick={() =>
              void onChange({ kind: "setReach", pages: heldBack.map((page) => page.id), reach: "OPEN" })
            }
          >
            {props.pages.length === 1 ? "Open it" : "Open them"}
          </Button>
        </div>
      )}
    </Group>
  );
}
