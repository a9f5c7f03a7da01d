/**
 * The page's policy lets in only style elements that carry the nonce of this answer. Ant Design passes it to the
 * styles it makes itself, but a few helpers beneath it (scroll lock, measuring of scroll bars) do not; so every style
 * element that script makes gets it. Markup put into the page still gets none.
 */
export const nonce = document.querySelector<HTMLMetaElement>("meta[property=csp-nonce]")?.nonce ?? "";

const createElement = document.createElement.bind(document);
document.createElement = ((name: string, options?: ElementCreationOptions) => {
  const element = createElement(name, options);
  if (element instanceof HTMLStyleElement) element.nonce = nonce;
  return element;
}) as typeof document.createElement;
