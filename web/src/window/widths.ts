/** The screens a site is looked at on: pixels that the page is laid out at. */
export const WIDTHS = { wide: 1280, tablet: 820, phone: 390 } as const;

export type Width = keyof typeof WIDTHS;
