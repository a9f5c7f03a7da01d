/**
 * How much of what is sent has gone out.
 *
 * @param then what happens once all of it has
 */
export function Sent(props: { readonly what: string; readonly part: number; readonly then: string }) {
  return (
    <>
      <progress value={props.part} max={1} aria-label={`${props.what} sent`} />
      <span className="hint" role="status">
        {props.part < 1 ? `${Math.floor(props.part * 100)} %` : props.then}
      </span>
    </>
  );
}
