const ONE = new Intl.NumberFormat("en-GB", { maximumFractionDigits: 1 });

/** How much there is to load: "240 kB", "3.1 MB". */
export function sizeOf(bytes: number): string {
  if (bytes < 1_000) return `${bytes} bytes`;
  return bytes < 1_000_000
    ? `${ONE.format(Math.round(bytes / 1_000))} kB`
    : `${ONE.format(bytes / 1_000_000)} MB`;
}
