import type { PlaceDto } from "../api/client";
import { placeWords, type Target, type Verdict } from "../outline/drop";
import { childrenOf, endOf, isInside, type PageTree, pageOf, parentOf } from "../working-copy/tree";

/** The place that a drop on the page tree means. */
export function placeOf(tree: PageTree, target: Target): PlaceDto | null {
  if (target.parent !== null && !tree.pages.has(target.parent)) return null;
  if (target.kind === "into") return endOf(tree, target.parent);
  return { parent: target.parent, after: target.after };
}

/** What letting pages go there would do. */
export function judge(tree: PageTree, pages: readonly string[], target: Target): Verdict {
  const inside = pages.find((page) => isInside(tree, target.parent, page));
  if (inside !== undefined) {
    return { kind: "refused", words: `${pageOf(tree, inside).title} cannot go under itself.` };
  }
  const closed = target.parent === null ? null : tree.pages.get(target.parent)?.closed;
  if (closed) return { kind: "refused", words: closed };
  const place = placeOf(tree, target);
  if (!place || pages.length === 0) return { kind: "refused", words: "That is not there any more." };
  if (stays(tree, pages, place)) return { kind: "allowed", words: "Stays where it is.", changes: [] };
  return {
    kind: "allowed",
    words: placeWords(target, (id) => pageOf(tree, id).title),
    changes: [{ kind: "movePages", pages, place }],
  };
}

function stays(tree: PageTree, pages: readonly string[], place: PlaceDto): boolean {
  const siblings = childrenOf(tree, place.parent);
  if (!pages.every((page) => parentOf(tree, page) === place.parent)) return false;
  const rest = siblings.filter((id) => !pages.includes(id));
  const kept = siblings.slice(0, place.after === null ? 0 : siblings.indexOf(place.after) + 1);
  const at = kept.filter((id) => !pages.includes(id)).length;
  return [...rest.slice(0, at), ...pages, ...rest.slice(at)].every((id, index) => id === siblings[index]);
}
