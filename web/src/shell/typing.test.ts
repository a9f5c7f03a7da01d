// @vitest-environment happy-dom
import { expect, test } from "vitest";
import { isTyping, undoesItself } from "./keys";

test.each([
  ['<input value="words">', true, true],
  ['<input type="search">', true, true],
  ["<textarea></textarea>", true, true],
  ['<input type="radio">', false, false],
  ['<input type="checkbox">', false, false],
  ['<input role="combobox">', true, false],
  ['<input role="combobox" value="cano">', true, true],
  ["<button>Hide</button>", false, false],
])("%s: typing %s, undo of its own %s", (html, typing, undo) => {
  document.body.innerHTML = html;
  expect(isTyping(document.body.firstElementChild)).toBe(typing);
  expect(undoesItself(document.body.firstElementChild)).toBe(undo);
});
