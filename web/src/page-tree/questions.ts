import type { PlacingDto } from "../api/client";
import type { Question } from "../outline/finding";
import { type Page, type PageTree, topicsOf } from "../working-copy/tree";

/** What is known of pages beside the tree. */
export type Known = {
  readonly placings: Readonly<Record<string, PlacingDto>>;
  /** Pages with something that waits to be published. */
  readonly changed: ReadonlySet<string>;
};

function isUnplaced(placing: PlacingDto | undefined): boolean {
  return placing?.menus.length === 0 && !placing.closed;
}

/** What pages may have in common, topics aside. */
export function questionsOf(tree: PageTree, known: Known): readonly Question<Page>[] {
  return [
    {
      key: "unplaced",
      name: "Unplaced",
      hint: "Pages that no menu shows, though they are not closed",
      holds: (page) => page.id !== tree.home && isUnplaced(known.placings[page.id]),
    },
    {
      key: "withheld",
      name: "Withheld",
      hint: "Pages that are held back or by link only",
      holds: (page) => page.reach !== "OPEN",
    },
    {
      key: "closed",
      name: "Closed",
      hint: "Pages that are outside their periods now",
      holds: (page) => known.placings[page.id]?.closed === true,
    },
    {
      key: "changed",
      name: "Changed",
      hint: "Pages with something that waits to be published",
      holds: (page) => known.changed.has(page.id),
    },
  ];
}

const TOPIC = "topic ";

/** One question for each topic of the site. */
export function topicQuestions(tree: PageTree): readonly Question<Page>[] {
  return topicsOf(tree).map((topic) => ({
    key: TOPIC + topic,
    name: topic,
    hint: `Pages of the topic ${topic}`,
    holds: (page) => page.topics.includes(topic),
  }));
}

/** The topic that is asked for; null for any. */
export function askedTopic(asked: ReadonlySet<string>): string | null {
  return [...asked].find((key) => key.startsWith(TOPIC))?.slice(TOPIC.length) ?? null;
}

/** With another topic asked for, and all else as it was. */
export function withTopic(asked: ReadonlySet<string>, topic: string | null): ReadonlySet<string> {
  const others = [...asked].filter((key) => !key.startsWith(TOPIC));
  return new Set(topic === null ? others : [...others, TOPIC + topic]);
}
