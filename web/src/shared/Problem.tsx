/** What went wrong, in a sentence; nothing when nothing did. */
export function Problem({ sentence }: { readonly sentence: string | null }) {
  return (
    sentence !== null && (
      <p className="problem" role="alert">
        {sentence}
      </p>
    )
  );
}
