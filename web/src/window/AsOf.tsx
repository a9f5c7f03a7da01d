import { Button, Input, Tooltip } from "antd";
import { useState } from "react";

/** On which day the site in the window is looked at; null for now. */
export function AsOf({
  day,
  onDay,
}: {
  readonly day: string | null;
  readonly onDay: (day: string | null) => void;
}) {
  const [asked, setAsked] = useState(false);
  // A day that was chosen on another screen is said here too, without taking the focus.
  if (!asked && day === null)
    return (
      <Tooltip title="See it as it will be on another day">
        <Button type="text" size="small" onClick={() => setAsked(true)}>
          As of…
        </Button>
      </Tooltip>
    );
  return (
    <span className="as-of">
      <Input
        type="date"
        size="small"
        autoFocus={asked}
        aria-label="As of"
        value={day ?? ""}
        // While a year is being typed it begins with noughts.
        onChange={({ target }) =>
          onDay(target.value === "" || target.value.startsWith("0") ? null : target.value)
        }
      />
      <Button
        type="text"
        size="small"
        onClick={() => {
          setAsked(false);
          onDay(null);
        }}
      >
        Today
      </Button>
    </span>
  );
}
