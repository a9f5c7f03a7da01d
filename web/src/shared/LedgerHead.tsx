/** The head of a table of what there is; its last column holds what can be done about each. */
export function LedgerHead(props: { readonly columns: readonly string[]; readonly last: string }) {
  return (
    <thead>
      <tr>
        {props.columns.map((column) => (
          <th key={column}>{column}</th>
        ))}
        <th>
          <span className="unseen">{props.last}</span>
        </th>
      </tr>
    </thead>
  );
}
