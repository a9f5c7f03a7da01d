// Makes the outlines of land and of states, by which positions are drawn as maps, out of an open set (Natural Earth, in
// the public domain, as world-atlas has it, ISC licence):
//   npm install --no-save world-atlas@2.0.2 && node tools/land.mjs
import { readFile, writeFile } from "node:fs/promises";

const FROM = "node_modules/world-atlas";
const TO = "../core/src/main/resources/velnik/core/map/Land.properties";

const read = async (name) => JSON.parse(await readFile(`${FROM}/${name}-10m.json`, "utf8"));
const land = await read("land");
const states = await read("countries");

const polygonsOf = (shape) => (shape.type === "Polygon" ? [shape.arcs] : shape.arcs);
const shapesOf = (object) => object.geometries ?? [object];

/** Points of one arc, one way or the other, on the grid that the set is drawn on. */
function points(topology, arc) {
  let [x, y] = [0, 0];
  const all = topology.arcs[arc < 0 ? ~arc : arc].map(([dx, dy]) => {
    x += dx;
    y += dy;
    return [x, y];
  });
  return arc < 0 ? all.reverse() : all;
}

const ring = (arcs) => arcs.flatMap((arc, index) => points(land, arc).slice(index === 0 ? 0 : 1));
const rings = shapesOf(land.objects.land).flatMap(polygonsOf).flat().map(ring);

// An arc that two states have in common is where they meet.
const uses = new Map();
for (const arc of shapesOf(states.objects.countries).flatMap(polygonsOf).flat(2)) {
  const each = arc < 0 ? ~arc : arc;
  uses.set(each, (uses.get(each) ?? 0) + 1);
}
const borders = [...uses].filter(([, count]) => count > 1).map(([arc]) => points(states, arc));

const bytes = [];
function number(value) {
  let rest = value;
  while (rest > 127) {
    bytes.push((rest & 127) | 128);
    rest >>>= 7;
  }
  bytes.push(rest);
}
const signed = (value) => number(value < 0 ? -2 * value - 1 : 2 * value);
function lines(all) {
  number(all.length);
  for (const line of all) {
    number(line.length);
    let [x, y] = [0, 0];
    for (const [nextX, nextY] of line) {
      signed(nextX - x);
      signed(nextY - y);
      [x, y] = [nextX, nextY];
    }
  }
}
lines(rings);
lines(borders);

const { scale, translate } = land.transform;
await writeFile(
  TO,
  `# Outlines of land and lines between states, on a grid; the outlines are Natural Earth's, Land.licence says on what
# terms. Made by web/tools/land.mjs.
grid=${[scale[0], translate[0], scale[1], translate[1]].join(" ")}
outlines=${Buffer.from(bytes).toString("base64")}
`,
);
