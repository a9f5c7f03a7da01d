import { type ComponentType, lazy, useState } from "react";

/**
 * A component whose script comes apart from the others, like React's `lazy`; but where the script was fetched ahead it
 * is drawn at once. React waits 300 ms before it draws what once had to wait, however soon it comes.
 */
export function apart<Props extends object>(load: () => Promise<{ default: ComponentType<Props> }>) {
  let Fetched: ComponentType<Props> | null = null;
  const fetch = async () => {
    const script = await load();
    Fetched = script.default;
    return script;
  };
  const Waiting = lazy(fetch) as unknown as ComponentType<Props>;
  function Apart(props: Props) {
    const [Drawn] = useState<ComponentType<Props>>(() => Fetched ?? Waiting);
    return <Drawn {...props} />;
  }
  return Object.assign(Apart, { fetch });
}
