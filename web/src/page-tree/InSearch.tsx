import type { ChangeDto } from "../api/client";
import { useFiles } from "../files/useFiles";
import { ifKnown } from "../shared/answer";
import { Group } from "../shared/Group";
import { KeptField } from "../shared/KeptField";
import type { WorkingCopy } from "../working-copy/store";
import { addressOf, type Page } from "../working-copy/tree";

/** What search engines and shared links say of a page, where that is to be other words than its own. */
export function InSearch(props: {
  readonly copy: WorkingCopy;
  readonly page: Page;
  /** Whether the change was made. */
  readonly onChange: (change: ChangeDto) => Promise<boolean>;
}) {
  const { copy, page, onChange } = props;
  const { business } = copy.settings;
  const own =
    page.title === business.name || business.name === "" ? page.title : `${page.title} · ${business.name}`;
  const set = (words: { readonly title?: string; readonly description?: string }) =>
    onChange({ kind: "setSearchWords", page: page.id, title: null, description: null, ...words });
  const host = business.address.replace(/^https?:\/\//, "") || "your web address";
  return (
    <Group name="page-search" folded heading="In search results and shared links">
      <div className="fields">
        <label htmlFor="search-title">Title</label>
        <KeptField
          id="search-title"
          value={page.searchTitle}
          placeholder={own}
          onKeep={(title) => set({ title })}
        />
        <label htmlFor="search-description">Description</label>
        <KeptField
          id="search-description"
          rows={2}
          value={page.searchDescription}
          placeholder={page.summary || "Nothing; search engines choose from the text"}
          onKeep={(description) => set({ description })}
        />
        <span>It reads</span>
        <span className="as-found">
          <span className="hint">
            {host}
            {addressOf(copy.tree, page.id)}
          </span>
          <b>{page.searchTitle || own}</b>
          <span>{page.searchDescription || page.summary}</span>
        </span>
        <span>Shared</span>
        <span className="as-shared">
          <SharedPicture copy={copy} page={page} />
          <b>{page.searchTitle || page.title}</b>
          <span>{page.searchDescription || page.summary}</span>
          <span className="hint">{host}</span>
        </span>
      </div>
    </Group>
  );
}

/** What a shared link shows over its words; those who show such links take no drawings. */
function SharedPicture({ copy, page }: { readonly copy: WorkingCopy; readonly page: Page }) {
  const files = ifKnown(useFiles(copy.revision));
  if (files === undefined) return <span className="hint">Looking up the pictures…</span>;
  const named = [page.picture, copy.settings.business.logo].flatMap(
    (id) => files.find((file) => file.id === id) ?? [],
  );
  const shown = named.find((file) => file.type !== "SVG");
  if (shown?.picture) return <img src={shown.picture} alt={shown.alternative ?? ""} height={120} />;
  return (
    <span className="hint">
      {named.length > 0
        ? "No picture: drawings (SVG) are not shown with shared links. A photograph or a PNG is."
        : "No picture. Choose one under Picture, above."}
    </span>
  );
}
