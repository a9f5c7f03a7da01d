/** What somebody should look at once files are read in. */
export function LookAt({ sentences }: { readonly sentences: readonly string[] }) {
  return sentences.length === 0 ? null : (
    <>
      <p>To look at afterwards:</p>
      <ul className="look-at">
        {sentences.map((sentence) => (
          <li key={sentence}>{sentence}</li>
        ))}
      </ul>
    </>
  );
}
