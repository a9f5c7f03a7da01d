package velnik.server.editing;

/** @param text of a page, in Markdown; empty where it has none */
record TextDto(String page, String text) {}
