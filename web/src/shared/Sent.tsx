/** How much of what is sent has gone out. */
export function Sent(props: {
  readonly what: string;
  readonly part: number;
  /** What happens once all of it has. */
  readonly then?: string;
}) {
  return (
    <>
      <progress value={props.part} max={1} aria-label={`${props.what} sent`} />
      <span className="hint" role="status">
        {props.part < 1 ? `${Math.floor(props.part * 100)} %` : props.then}
      </span>
    </>
  );
}
