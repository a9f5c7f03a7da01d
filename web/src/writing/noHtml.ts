/**
 * In the place of the languages that Markdown can hold elsewhere: texts have no markup here, and nobody has to wait for
 * the parsers of HTML, its styles and its scripts.
 */
export const html = () => null;

export const htmlCompletionSource = () => null;
