import { Button } from "antd";

export function CouldNotLoad(props: {
  readonly what: string;
  readonly sentence: string;
  readonly onRetry: () => void;
}) {
  return (
    <main className="entrance">
      <h1>Could not load {props.what}</h1>
      <p role="alert">{props.sentence} Nothing is lost.</p>
      <Button type="primary" onClick={props.onRetry}>
        Try again
      </Button>
    </main>
  );
}
