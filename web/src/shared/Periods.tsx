import { Button, Select } from "antd";
import { useId, useState } from "react";
import type { PeriodDto } from "../api/client";
import { RemoveIcon } from "./icons";
import { KeptField } from "./KeptField";
import { useAsked } from "./useAsked";

const MONTHS = Array.from({ length: 12 }, (_, month) => ({
  value: String(month + 1).padStart(2, "0"),
  label: new Date(2000, month).toLocaleString("en", { month: "long" }),
}));

/** In a leap year, since a yearly period may begin on 29 February. */
const daysOf = (month: string) => new Date(2000, Number(month), 0).getDate();

/** The days between which one thing or several are there; where these differ, it says so and sets them alike. */
export function Periods(props: {
  readonly each: readonly (readonly PeriodDto[])[];
  readonly onKeep: (periods: PeriodDto[]) => Promise<boolean>;
}) {
  const [first, ...others] = props.each.map((periods) => JSON.stringify(periods));
  const common = others.every((other) => other === first) ? (props.each[0] ?? []) : null;
  const [asked, ask] = useAsked<readonly PeriodDto[] | null>(common, (next) =>
    props.onKeep([...(next ?? [])]),
  );
  const periods = asked ?? [];
  const label = useId();
  const keep = (at: number, period: PeriodDto | null) =>
    ask(periods.flatMap((old, index) => (index === at ? (period ?? []) : old)));
  const add = (period: PeriodDto) => void ask([...periods, period]);
  return (
    <>
      <span id={label} className="at-top">
        There
      </span>
      <div className="periods" role="group" aria-labelledby={label}>
        {periods.map((period, index) => (
          // Two periods may be alike, so only where they stand tells them apart.
          <Period key={index} period={period} onKeep={(next) => keep(index, next)} />
        ))}
        <div className="choices">
          {periods.length === 0 && (
            <span>{asked !== null ? "Always" : <span className="hint">mixed</span>}</span>
          )}
          <Button
            size="small"
            onClick={() => add({ ...ALL_DAY, yearly: true, first: "--01-01", last: "--12-31" })}
          >
            {periods.length === 0 ? "Only at times of the year" : "Another time of the year"}
          </Button>
          <Button size="small" onClick={() => add({ ...ALL_DAY, yearly: false, first: today(), last: null })}>
            {periods.length === 0 ? "Only between two days" : "Another two days"}
          </Button>
        </div>
      </div>
    </>
  );
}

const ALL_DAY = { opensAt: null, closesAt: null };

function today(): string {
  const now = new Date();
  return [now.getFullYear(), now.getMonth() + 1, now.getDate()]
    .map((part) => String(part).padStart(2, "0"))
    .join("-");
}

function Period(props: {
  readonly period: PeriodDto;
  readonly onKeep: (period: PeriodDto | null) => Promise<boolean>;
}) {
  const { period, onKeep } = props;
  const id = useId();
  const [timed, setTimed] = useState(false);
  const times = timed || period.opensAt !== null || period.closesAt !== null;
  const Day = period.yearly ? DayOfYear : DayOnce;
  return (
    <div className="period" role="group" aria-label={period.yearly ? "Every year" : "Once"}>
      <span>{period.yearly ? "Yearly from" : "From"}</span>
      <Day
        id={`${id}first`}
        label="first day"
        value={period.first}
        onKeep={(first) => onKeep(whole({ ...period, first }))}
      />
      {times && (
        <Time
          label="time it opens"
          day={period.first}
          value={period.opensAt}
          onKeep={(opensAt) => onKeep({ ...period, opensAt })}
        />
      )}
      <span>to</span>
      <Day
        id={`${id}last`}
        label="last day"
        value={period.last}
        onKeep={(last) => onKeep(whole({ ...period, last }))}
      />
      {times ? (
        <Time
          label="time it closes"
          day={period.last}
          value={period.closesAt}
          onKeep={(closesAt) => onKeep({ ...period, closesAt })}
        />
      ) : (
        <Button
          size="small"
          title="Opens or closes at a time of day; without one the last day is included"
          onClick={() => setTimed(true)}
        >
          Times
        </Button>
      )}
      <Button
        size="small"
        aria-label="Remove this period"
        title="Remove this period"
        onClick={() => void onKeep(null)}
      >
        <RemoveIcon />
      </Button>
    </div>
  );
}

/** A period with no day is none; a time of day goes with its day. */
function whole(period: PeriodDto): PeriodDto | null {
  if (period.first === null && period.last === null) return null;
  return {
    ...period,
    opensAt: period.first === null ? null : period.opensAt,
    closesAt: period.last === null ? null : period.closesAt,
  };
}

type DayProps = {
  readonly id: string;
  readonly label: string;
  readonly value: string | null;
  readonly onKeep: (day: string | null) => Promise<boolean>;
};

function DayOnce({ id, label, value, onKeep }: DayProps) {
  return (
    <KeptField
      id={id}
      type="date"
      label={label}
      value={value ?? ""}
      hint={`Empty: ${label === "first day" ? "it has always begun" : "it never ends"}`}
      onKeep={(typed) => onKeep(typed || null)}
    />
  );
}

function DayOfYear({ id, label, value, onKeep }: DayProps) {
  const [month = "01", day = "01"] = (value ?? "").replace("--", "").split("-");
  const keep = (newMonth: string, newDay: number) =>
    void onKeep(`--${newMonth}-${String(Math.min(newDay, daysOf(newMonth))).padStart(2, "0")}`);
  return (
    <span className="day-of-year">
      <Select
        id={id}
        aria-label={label}
        value={Number(day)}
        showSearch
        onChange={(chosen) => keep(month, chosen)}
        options={Array.from({ length: daysOf(month) }, (_, index) => ({
          value: index + 1,
          label: String(index + 1),
        }))}
      />
      <Select
        aria-label={`month of the ${label}`}
        value={month}
        showSearch={{ optionFilterProp: "label" }}
        onChange={(chosen) => keep(chosen, Number(day))}
        options={MONTHS}
      />
    </span>
  );
}

/** A time of day, for who wants one; without a day there is nothing it could be of. */
function Time(props: {
  readonly label: string;
  readonly day: string | null;
  readonly value: string | null;
  readonly onKeep: (time: string | null) => Promise<boolean>;
}) {
  const id = useId();
  return (
    props.day !== null && (
      <KeptField
        id={id}
        type="time"
        label={props.label}
        value={props.value ?? ""}
        hint={
          props.label === "time it opens"
            ? "Empty: from the beginning of the day"
            : "Empty: to the end of the day"
        }
        onKeep={(typed) => props.onKeep(typed || null)}
      />
    )
  );
}
