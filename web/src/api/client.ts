import type { components } from "./schema";

type Schemas = components["schemas"];

export type PageDto = Schemas["PageDto"];
export type WorkingCopyDto = Schemas["WorkingCopyDto"];
export type AnswerDto = Schemas["AnswerDto"];
export type AppearanceDto = Schemas["AppearanceDto"];
export type DifferenceDto = Schemas["DifferenceDto"];
export type ChangeDto = Schemas["ChangeDto"];
export type PlaceDto = Schemas["PlaceDto"];
export type HistoryDto = Schemas["HistoryDto"];
export type Reach = PageDto["reach"];
export type SessionDto = Schemas["SessionDto"];
export type PersonDto = Schemas["PersonDto"];
export type WaitingDto = Schemas["WaitingDto"];
export type ReleaseDto = Schemas["ReleaseDto"];
export type PreviewDto = Schemas["Preview"];
export type MenusDto = Schemas["MenusDto"];
export type MenuDto = Schemas["MenuDto"];
export type MenuRowDto = Schemas["MenuRowDto"];
export type JoiningDto = Schemas["JoiningDto"];
export type KindDto = Schemas["KindDto"];
export type ListDto = Schemas["ListDto"];
export type RowPlace = Schemas["RowPlace"];
export type OfferDto = Schemas["OfferDto"];
export type ZonesDto = Schemas["ZonesDto"];
export type ScopeRowDto = Schemas["ScopeRowDto"];
export type ScopeDto = Schemas["ScopeDto"];
export type SaysDto = Schemas["SaysDto"];
export type PlacedDto = Schemas["PlacedDto"];
export type AssignmentDto = Schemas["AssignmentDto"];
export type WhereDto = Schemas["WhereDto"];
export type PlaceableDto = Schemas["PlaceableDto"];
export type PlacingDto = Schemas["PlacingDto"];
export type PeriodDto = Schemas["PeriodDto"];
export type FindingDto = Schemas["FindingDto"];
export type BinDto = Schemas["BinDto"];
export type RemovalDto = Schemas["RemovalDto"];
export type MembersDto = Schemas["MembersDto"];
export type MemberDto = Schemas["MemberDto"];
export type UndoHow = NonNullable<Schemas["StepBack"]["how"]>;
export type Zone = AssignmentDto["zone"];

/** The server answered, and the answer is no. Its message is a sentence for the person. */
export class Refused extends Error {
  constructor(
    readonly status: number,
    readonly type: string,
    sentence: string,
    readonly errors: readonly { readonly field: string; readonly sentence: string }[],
    /** Titles of the later edits that an undo would have to take back too; null for any other call. */
    readonly later: readonly string[] | null = null,
  ) {
    super(sentence);
  }
}

/** No answer came. */
export class Unreachable extends Error {
  constructor() {
    super("Velnik does not answer just now.");
  }
}

const BASE = "/-/api";
/** Where an editor hears that the site went on. */
export const eventsAddress = `${BASE}/events`;
/** Milliseconds after which a call counts as not answered. */
const PATIENCE = 20_000;

async function call<T>(method: string, path: string, body?: unknown): Promise<T> {
  let response: Response;
  try {
    response = await fetch(BASE + path, {
      method,
      headers: {
        Accept: "application/json, application/problem+json",
        ...(body === undefined ? {} : { "Content-Type": "application/json" }),
        ...(method === "GET" ? {} : { "X-XSRF-TOKEN": csrfToken() }),
      },
      ...(body === undefined ? {} : { body: JSON.stringify(body) }),
      signal: AbortSignal.timeout(PATIENCE),
    });
  } catch {
    throw new Unreachable();
  }
  if (response.ok) {
    return (response.status === 204 ? undefined : await response.json()) as T;
  }
  if (response.status >= 502 && response.status <= 504) throw new Unreachable();
  const problem = await response.json().catch(() => ({}));
  throw new Refused(
    response.status,
    String(problem.type ?? "").replace(/^.*\//, ""),
    String(problem.detail ?? "Something went wrong. Nothing was changed."),
    problem.errors ?? [],
    problem.later ?? null,
  );
}

function csrfToken(): string {
  const cookie = document.cookie.split("; ").find((part) => part.startsWith("XSRF-TOKEN="));
  return cookie ? decodeURIComponent(cookie.slice("XSRF-TOKEN=".length)) : "";
}

export const api = {
  session: () => call<SessionDto>("GET", "/session"),
  signIn: (name: string, password: string) => call<SessionDto>("POST", "/session", { name, password }),
  signOut: () => call<void>("DELETE", "/session"),
  begin: (owner: Schemas["NewOwner"]) => call<SessionDto>("POST", "/owner", owner),
  workingCopy: () => call<WorkingCopyDto>("GET", "/working-copy"),
  edits: (since: number) => call<Schemas["ElsewhereDto"]>("GET", `/edits?since=${since}`),
  change: (request: string, basedOn: number, changes: readonly ChangeDto[]) =>
    call<AnswerDto>("POST", "/changes", { request, basedOn, changes }),
  /** What the person would be told of these changes, or why they cannot be. */
  would: (request: string, basedOn: number, changes: readonly ChangeDto[]) =>
    call<Schemas["TriedDto"]>("POST", "/changes?dryRun=true", { request, basedOn, changes }),
  bin: () => call<BinDto>("GET", "/bin"),
  undo: (request: string, how: UndoHow) => call<AnswerDto>("POST", "/undo", { request, how }),
  redo: (request: string) => call<AnswerDto>("POST", "/redo", { request }),
  previewOutline: (request: string, basedOn: number, text: string) =>
    call<PreviewDto>("POST", "/imports/outline?dryRun=true", { request, basedOn, text, place: null }),
  importOutline: (request: string, basedOn: number, text: string, place: PlaceDto | null) =>
    call<AnswerDto>("POST", "/imports/outline?dryRun=false", { request, basedOn, text, place }),
  menus: () => call<MenusDto>("GET", "/menus"),
  offers: (menu: string, text: string) =>
    call<OfferDto[]>("GET", `/menus/${menu}/offers?text=${encodeURIComponent(text)}`),
  importItems: (request: string, basedOn: number, text: string, place: RowPlace) =>
    call<AnswerDto>("POST", "/imports/items?dryRun=false", { request, basedOn, text, place }),
  previewItems: (request: string, basedOn: number, text: string, place: RowPlace) =>
    call<Schemas["ItemsPreview"]>("POST", "/imports/items?dryRun=true", { request, basedOn, text, place }),
  zones: (page: string | null) => call<ZonesDto>("GET", page === null ? "/zones" : `/zones?page=${page}`),
  whereabouts: (page: string) => call<WhereDto[]>("GET", `/pages/${page}/whereabouts`),
  findings: () => call<FindingDto[]>("GET", "/findings"),
  placings: () => call<Readonly<Record<string, PlacingDto>>>("GET", "/placings"),
  placeable: (pages: readonly string[]) => call<PlaceableDto[]>("GET", `/placeable?pages=${pages.join(",")}`),
  reach: (page: string) => call<{ sentence: string }>("GET", `/pages/${page}/reach`),
  waiting: () => call<WaitingDto>("GET", "/waiting"),
  releases: () => call<ReleaseDto[]>("GET", "/releases"),
  publish: (request: string, basedOn: number, note: string) =>
    call<ReleaseDto>("POST", "/releases", { request, basedOn, note }),
  preferences: () => call<{ settings: Readonly<Record<string, string>> }>("GET", "/preferences"),
  keepPreference: (name: string, setting: string) => call<void>("POST", "/preferences", { name, setting }),
  members: () => call<MembersDto>("GET", "/members"),
  addMember: (member: Schemas["NewMember"]) => call<MembersDto>("POST", "/members", member),
  /** Signs the member out everywhere. */
  giveMemberPassword: (name: string, password: string) =>
    call<MembersDto>("POST", `/members/${encodeURIComponent(name)}/password`, { password }),
  removeMember: (name: string) => call<MembersDto>("DELETE", `/members/${encodeURIComponent(name)}`),
  openWindow: () => call<{ address: string }>("POST", "/windows"),
};

/** The HTML of a page in the window. Null when the window was closed by the server. */
export async function windowPage(address: string): Promise<string | null> {
  const response = await fetch(address, { signal: AbortSignal.timeout(PATIENCE) }).catch(() => {
    throw new Unreachable();
  });
  const html = await response.text();
  return html.includes("data-closed") ? null : html;
}
