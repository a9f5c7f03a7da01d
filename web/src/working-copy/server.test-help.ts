import { vi } from "vitest";
import type { AnswerDto, PageDto, SettingsDto, WorkingCopyDto } from "../api/client";
import { page } from "../menus/samples.test-help";

export type Call = { readonly method: string; readonly path: string; readonly body: Body };
type Body = { readonly request?: string; readonly basedOn?: number; readonly changes?: readonly unknown[] };
type Reply = Response | "nothing";

/** A server that says what a test tells it to, and remembers what it was asked. Stands in fetch's place. */
export class FakeServer {
  readonly calls: Call[] = [];
  private readonly replies: ((call: Call) => Reply | Promise<Reply>)[] = [];

  constructor() {
    if (typeof document === "undefined") vi.stubGlobal("document", { cookie: "other=1; XSRF-TOKEN=t%2Fk" });
    vi.stubGlobal("fetch", (path: string, init: RequestInit) => this.answer(path, init));
  }

  /** What it says next; "nothing" is no answer at all. */
  says(...replies: readonly (Reply | ((call: Call) => Reply | Promise<Reply>))[]): this {
    this.replies.push(...replies.map((reply) => (typeof reply === "function" ? reply : () => reply)));
    return this;
  }

  private async answer(path: string, init: RequestInit): Promise<Response> {
    const call = { method: init.method ?? "GET", path, body: JSON.parse(String(init.body ?? "{}")) };
    this.calls.push(call);
    const reply = await (this.replies.shift()?.(call) ?? json({ type: "unexpected", detail: path }, 500));
    if (reply === "nothing") throw new TypeError("network");
    return reply;
  }
}

export function json(body: unknown, status = 200): Response {
  return new Response(JSON.stringify(body), { status });
}

const HISTORY = { undo: null, redo: null, edits: [] } as unknown as AnswerDto["history"];

export const SETTINGS: SettingsDto = {
  business: {
    name: "Brackwater Boatyard",
    address: "https://brackwater.example",
    logo: null,
    language: "en",
    phone: "01632 960 983",
    mail: "yard@brackwater.example",
    postal: "",
    hours: "",
    hoursRead: [],
    position: "",
    channels: [],
  },
  allowedOrigins: [],
  look: "STAITHE",
  tuning: {},
  timeZone: "Europe/London",
  layouts: [
    { id: "STANDARD", name: "standard", own: false },
    { id: "WIDE", name: "wide", own: false },
    { id: "LANDING", name: "landing", own: false },
  ],
  newPages: { reach: "OPEN", layout: "STANDARD", model: null },
};

/** A working copy with these pages one after the other at the top. */
export function copyOf(revision: number, ...pages: readonly string[]): WorkingCopyDto {
  return {
    revision,
    settings: SETTINGS,
    pages: pages.map((id, index): PageDto => page(id, null, pages[index - 1] ?? null)),
    home: pages[0] ?? null,
    publicPages: [],
    history: HISTORY,
    release: 0,
    waiting: 0,
  } as WorkingCopyDto;
}

/** The answer to an edit that put one page first. */
export function answer(revision: number, placed: string, told: string): AnswerDto {
  return {
    revision,
    difference: {
      removed: [],
      placed: [page(placed, null, null)],
      altered: [],
      home: "home",
      settings: SETTINGS,
    },
    remedies: [],
    history: HISTORY,
    waiting: revision,
    told: [told],
    texts: [],
  } as unknown as AnswerDto;
}
