// Makes the drawings that items can show out of an open set (Lucide, ISC licence), by the list beside this file:
//   npm install --no-save lucide-static@1.62.0 && node tools/icons.mjs
import { readFile, writeFile } from "node:fs/promises";

const FROM = "node_modules/lucide-static";
const TO = "../core/src/main/resources/velnik/core/site";

const number = (attributes, name) => Number(attributes.match(new RegExp(`\\b${name}="([^"]+)"`))?.[1] ?? 0);
const short = (value) => String(Number(value.toFixed(3)));

/** Path data of its own begins somewhere on the field, also where it is put after other. */
function begun(data) {
  const first = data.match(/^m\s*(-?[\d.]+)[\s,]*(-?[\d.]+)\s*/);
  if (first === null) return data;
  const rest = data.slice(first[0].length);
  return `M${first[1]} ${first[2]}${/^[-\d.]/.test(rest) ? `l${rest}` : rest}`;
}

function path(shape, attributes) {
  const of = (name) => number(attributes, name);
  switch (shape) {
    case "path":
      return begun(attributes.match(/\bd="([^"]+)"/)[1]);
    case "circle":
      return `M${short(of("cx") - of("r"))} ${of("cy")}a${of("r")} ${of("r")} 0 1 0 ${short(2 * of("r"))} 0 ${of("r")} ${of("r")} 0 1 0-${short(2 * of("r"))} 0`;
    case "line":
      return `M${of("x1")} ${of("y1")}L${of("x2")} ${of("y2")}`;
    case "polyline":
      return `M${attributes.match(/points="([^"]+)"/)[1]}`;
    case "rect": {
      const [width, height, round] = [of("width"), of("height"), of("rx")];
      const corner = (x, y) => (round === 0 ? "" : `a${round} ${round} 0 0 1 ${x} ${y}`);
      return (
        `M${short(of("x") + round)} ${of("y")}h${short(width - 2 * round)}${corner(round, round)}` +
        `v${short(height - 2 * round)}${corner(-round, round)}h${short(2 * round - width)}${corner(-round, -round)}` +
        `v${short(2 * round - height)}${corner(round, -round)}z`
      );
    }
    default:
      throw new Error(`no path is known for ${shape}`);
  }
}

const lines = (await readFile("tools/icons.txt", "utf8")).trim().split("\n");
const made = await Promise.all(
  lines.map(async (line) => {
    const [, name, drawing, words] = line.match(/^(\w+) ([\w-]+): (.+)$/);
    const svg = await readFile(`${FROM}/icons/${drawing}.svg`, "utf8");
    const inner = svg.slice(svg.indexOf(">", svg.indexOf("<svg")) + 1);
    const data = [...inner.matchAll(/<(\w+) ([^>]*?)\/>/g)]
      .map(([, shape, rest]) => path(shape, rest))
      .join("");
    return `${name}=${words}|${data}`;
  }),
);
await writeFile(
  `${TO}/Icons.properties`,
  `# What items can show: a name, other words it is found by, and SVG path data on a field of 24 by 24, drawn with a line
# of 2. The drawings are Lucide's; Icons.licence says on what terms. Made by web/tools/icons.mjs.
${made.join("\n")}
`,
);
await writeFile(`${TO}/Icons.licence`, await readFile(`${FROM}/LICENSE`, "utf8"));
