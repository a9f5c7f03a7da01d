// @vitest-environment happy-dom
import { describe, expect, it } from "vitest";
import { fromHtml } from "./fromHtml";

describe("what is pasted", () => {
  it.each([
    ["<p>Nine <b>open</b> <i>canoes</i></p>", "Nine **open** *canoes*"],
    ["<h2>Prices</h2><p>by the day</p>", "## Prices\n\nby the day"],
    ["<ul><li>one</li><li>two</li></ul>", "- one\n- two"],
    ["<ol><li>one</li><li>two</li></ol>", "1. one\n2. two"],
    ['<p><a href="https://tides.example/">tides</a></p>', "[tides](https://tides.example/)"],
    ["<p style='mso-x:1'><span style='font-weight:700'>Bold</span>&nbsp;words</p>", "**Bold** words"],
    ["<b style='font-weight:normal'><p>From an office</p></b>", "From an office"],
    ["<style>p{color:red}</style><p>Words</p><script>alert(1)</script>", "Words"],
    ["<!--[if mso]><p>no</p><![endif]--><p>Words</p>", "Words"],
    ['<p>A <img src="x.png" alt="boat" onerror="alert(1)"></p>', "A boat"],
    [
      "<table><tr><th>Boat</th><th>Day</th></tr><tr><td>Canoe</td><td>40</td></tr></table>",
      "| Boat | Day |\n| --- | --- |\n| Canoe | 40 |",
    ],
  ])("becomes Markdown: %s", (html, markdown) => {
    expect(fromHtml(html)).toBe(markdown);
  });
});
