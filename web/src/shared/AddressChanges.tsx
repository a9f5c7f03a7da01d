import type { AddressChangeDto } from "../api/client";
import { counted } from "./counted";

/** Addresses that visitors know and that change, folded away behind how many they are. */
export function AddressChanges(props: {
  readonly changes: readonly AddressChangeDto[];
  /** How many there are, where not all are here. */
  readonly count?: number;
}) {
  const { changes, count = changes.length } = props;
  if (changes.length === 0) return null;
  return (
    <details className="address-changes">
      <summary>{counted(count, "The address that changes", "The # addresses that change")}</summary>
      <ul>
        {changes.map(({ page, from, to }) => (
          <li key={page}>
            {from} <span aria-hidden="true">→</span>
            <span className="unseen"> becomes </span> {to ?? "removed"}
          </li>
        ))}
        {count > changes.length && <li>and {count - changes.length} more</li>}
      </ul>
    </details>
  );
}
