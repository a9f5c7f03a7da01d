import type { PlacingDto } from "../api/client";
import type { Question } from "../outline/asking";
import { type Page, type PageTree, topicsOf } from "../working-copy/tree";
import { REACHES } from "./options";

/** What is known of pages beside the tree; undefined as long as it is not. */
export type Known = {
  readonly placings: Readonly<Record<string, PlacingDto>> | undefined;
  /** Pages with something that waits to be published. */
  readonly changed: ReadonlySet<string> | undefined;
  /** Pages that there is something to say about. */
  readonly found: ReadonlySet<string> | undefined;
};

/** What pages may have in common, reach and topics aside. */
export function questionsOf(known: Known): readonly Question<Page>[] {
  return [
    {
      key: "unplaced",
      name: "In no menu",
      hint: "Pages that no menu shows, though they are not closed",
      waits: !known.placings,
      holds: (page) => known.placings?.[page.id]?.unplaced ?? false,
    },
    {
      key: "findings",
      name: "Findings",
      hint: "Pages that there is something to say about; their cards say what",
      waits: !known.found,
      holds: (page) => known.found?.has(page.id) ?? false,
    },
    {
      key: "changed",
      name: "Changed",
      hint: "Pages with something that waits to be published",
      waits: !known.changed,
      holds: (page) => known.changed?.has(page.id) ?? false,
    },
  ];
}

/** A list of answers of which at most one is asked for at a time. */
export type Choice = "topic" | "reach";

/** One question for each topic of the site. */
export function topicQuestions(tree: PageTree): readonly Question<Page>[] {
  return topicsOf(tree).map((topic) => ({
    key: `topic ${topic}`,
    name: topic,
    hint: `Pages of the topic ${topic}`,
    holds: (page) => page.topics.includes(topic),
  }));
}

/** One question for each reach, one for what is closed now, and one for what is for members. */
export function reachQuestions(known: Known): readonly Question<Page>[] {
  const reaches = REACHES.map(({ value, label }) => ({
    key: `reach ${value}`,
    name: label,
    hint: `Pages that are set to ${label.toLowerCase()}`,
    holds: (page: Page) => page.reach === value,
  }));
  const closed = {
    key: "reach CLOSED",
    name: "Closed now",
    hint: "Pages outside their periods",
    holds: (page: Page) => known.placings?.[page.id]?.closed === true,
  };
  const members = {
    key: "reach MEMBERS",
    name: "Members only",
    hint: "Pages that are set to be for members only",
    holds: (page: Page) => page.membersOnly,
  };
  return [...reaches, closed, members];
}

/** The key of the answer that is asked for; null for any. */
export function askedOf(asked: ReadonlySet<string>, choice: Choice): string | null {
  return [...asked].find((key) => key.startsWith(`${choice} `)) ?? null;
}

/** With another answer asked for, and all else as it was. */
export function withAsked(
  asked: ReadonlySet<string>,
  choice: Choice,
  key: string | null,
): ReadonlySet<string> {
  const others = [...asked].filter((each) => !each.startsWith(`${choice} `));
  return new Set(key === null ? others : [...others, key]);
}
