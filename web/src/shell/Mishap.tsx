import { Component, type ReactNode } from "react";
import { CouldNotLoad } from "./CouldNotLoad";

type Props = { readonly area: string; readonly children: ReactNode };

/** Keeps a fault in one screen from taking the others along: says so, and offers to load the editor anew. */
export class Mishap extends Component<Props, { readonly failed: boolean }> {
  override state = { failed: false };

  static getDerivedStateFromError() {
    return { failed: true };
  }

  /** Whoever goes elsewhere leaves it behind. */
  override componentDidUpdate(before: Props) {
    if (this.state.failed && before.area !== this.props.area) this.setState({ failed: false });
  }

  override render() {
    return this.state.failed ? (
      <CouldNotLoad
        what="this screen"
        sentence="Something in it went wrong."
        onRetry={() => location.reload()}
      />
    ) : (
      this.props.children
    );
  }
}
