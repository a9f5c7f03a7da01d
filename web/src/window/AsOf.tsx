import { Button, Input } from "antd";
import { useState } from "react";
import { TickMark } from "../shared/marks";
import type { As } from "./addresses";
import { BarMenu } from "./BarMenu";

/** On which day the site in the window is looked at, and whether with what is not yet open. */
export function AsOf({ as, onAs }: { readonly as: As; readonly onAs: (as: As) => void }) {
  const { day, unopened } = as;
  const [asked, setAsked] = useState(false);
  return (
    <>
      <BarMenu
        label={unopened ? "All open" : "As of…"}
        hint="See it as it will be on another day, or once all of it is open"
        on={unopened}
        menu={{
          items: [
            { key: "day", label: "Another day…", icon: <TickMark shown={day !== null} /> },
            { key: "unopened", label: "With what is not yet open", icon: <TickMark shown={unopened} /> },
          ],
          onClick: ({ key }) => (key === "day" ? setAsked(true) : onAs({ ...as, unopened: !unopened })),
        }}
      />
      {/* A day that was chosen on another screen is said here too, without taking the focus. */}
      {(asked || day !== null) && (
        <span className="as-of">
          <Input
            type="date"
            size="small"
            autoFocus={asked}
            aria-label="As of"
            value={day ?? ""}
            // While a year is being typed it begins with noughts.
            onChange={({ target }) =>
              onAs({
                ...as,
                day: target.value === "" || target.value.startsWith("0") ? null : target.value,
              })
            }
          />
          <Button
            type="text"
            size="small"
            onClick={() => {
              setAsked(false);
              onAs({ ...as, day: null });
            }}
          >
            Today
          </Button>
        </span>
      )}
    </>
  );
}
