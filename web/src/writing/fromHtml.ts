import TurndownService from "turndown";
import { tables } from "turndown-plugin-gfm";

/** Elements whose words are no text of the page. */
const UNREAD = [
  "script",
  "style",
  "head",
  "meta",
  "link",
  "title",
  "noscript",
  "template",
  "iframe",
  "object",
] as const;

const service = new TurndownService({
  headingStyle: "atx",
  bulletListMarker: "-",
  codeBlockStyle: "fenced",
  emDelimiter: "*",
  hr: "---",
});
service.use(tables);
for (const element of UNREAD) service.remove(element as keyof HTMLElementTagNameMap);
// Pictures elsewhere are not shown; their words are.
service.addRule("picture", {
  filter: "img",
  replacement: (_content, node) => (node as HTMLImageElement).alt ?? "",
});
// Lists of word processors have spaces that no Markdown needs.
service.addRule("item", {
  filter: "li",
  replacement: (content, node) => {
    const words = content.trim().replace(/\n/g, "\n  ");
    const list = node.parentElement;
    const number = list?.nodeName === "OL" ? [...list.children].indexOf(node as Element) + 1 : null;
    return `${number === null ? "-" : `${number}.`} ${words}${node.nextSibling ? "\n" : ""}`;
  },
});

/** A style is read as words, and never applied: the page's policy would not let it be. */
const STYLED = "data-style";

function unstyled(html: string): string {
  return html
    .replace(/<style[\s>][\s\S]*?(?:<\/style\s*>|$)/gi, "")
    .replace(/<[a-z][^>]*>/gi, (tag) => tag.replace(/\sstyle\s*=/gi, ` ${STYLED}=`));
}

/** Bold or slanted by style alone, as word processors write it; a block inside is no emphasis. */
function emphasised(document: Document): void {
  for (const span of document.querySelectorAll(`span[${STYLED}], b[${STYLED}]`)) {
    const style = span.getAttribute(STYLED) ?? "";
    const bold = /font-weight:\s*(?:bold|[6-9]00)/i.test(style);
    const plain = span.nodeName === "B" && /font-weight:\s*normal/i.test(style);
    const name = bold ? "strong" : /font-style:\s*italic/i.test(style) ? "em" : null;
    if (plain) {
      span.replaceWith(...span.childNodes);
    } else if (name !== null && !span.querySelector("p, div, li, table")) {
      const element = document.createElement(name);
      element.append(...span.childNodes);
      span.replaceWith(element);
    }
  }
}

/** What was copied from a web page or a word processor, as Markdown. Nothing of it is run or loaded. */
export function fromHtml(html: string): string {
  const document = new DOMParser().parseFromString(unstyled(html), "text/html");
  emphasised(document);
  for (const comment of comments(document)) comment.remove();
  return service
    .turndown(document.body)
    .replaceAll("\u00A0", " ")
    .replace(/[ \t]+$/gm, "")
    .replace(/\n{3,}/g, "\n\n")
    .trim();
}

function comments(document: Document): readonly ChildNode[] {
  const found: ChildNode[] = [];
  const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_COMMENT);
  while (walk.nextNode()) found.push(walk.currentNode as ChildNode);
  return found;
}
