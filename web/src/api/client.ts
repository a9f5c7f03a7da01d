import type { components } from "./schema";
import { type OnSent, sending } from "./sending";

type Schemas = components["schemas"];

export type PageDto = Schemas["PageDto"];
export type WorkingCopyDto = Schemas["WorkingCopyDto"];
export type AnswerDto = Schemas["AnswerDto"];
export type AppearanceDto = Schemas["AppearanceDto"];
export type DifferenceDto = Schemas["DifferenceDto"];
export type ChangeDto = Schemas["ChangeDto"];
export type PlaceDto = Schemas["PlaceDto"];
export type SettingsDto = Schemas["SettingsDto"];
export type ChannelDto = Schemas["ChannelDto"];
export type LayoutDto = SettingsDto["layouts"][number];
export type NewPagesDto = SettingsDto["newPages"];
export type HistoryDto = Schemas["HistoryDto"];
export type Reach = PageDto["reach"];
export type SessionDto = Schemas["SessionDto"];
export type PersonDto = Schemas["PersonDto"];
export type TokenDto = Schemas["TokenDto"];
export type TunedDto = Schemas["TunedDto"];
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
export type TextPlaceDto = Schemas["TextPlaceDto"];
export type ZonesDto = Schemas["ZonesDto"];
export type FitDto = Schemas["FitDto"];
export type RowElsewhereDto = Schemas["RowElsewhereDto"];
export type ScopeRowDto = Schemas["ScopeRowDto"];
export type ScopeDto = Schemas["ScopeDto"];
export type SaysDto = Schemas["SaysDto"];
export type PlacedDto = Schemas["PlacedDto"];
export type AssignmentDto = Schemas["AssignmentDto"];
export type WhereDto = Schemas["WhereDto"];
export type PlaceableDto = Schemas["PlaceableDto"];
export type AddressesDto = Schemas["AddressesDto"];
export type AddressDto = Schemas["AddressDto"];
export type AddressAnswerDto = AddressDto["now"];
export type ForwardSource = Schemas["ForwardSourceDto"];
export type ForwardTarget = Schemas["ForwardTargetDto"];
export type AddressChangeDto = Schemas["AddressChangeDto"];
export type PageCardDto = Schemas["PageCardDto"];
export type RemedyDto = Schemas["RemedyDto"];
export type TriedDto = Schemas["TriedDto"];
export type PlacingDto = Schemas["PlacingDto"];
export type PeriodDto = Schemas["PeriodDto"];
export type FileDto = Schemas["FileDto"];
export type FormFieldDto = NonNullable<PageDto["form"]>[number];
export type MessagesDto = Schemas["MessagesDto"];
export type MessageDto = MessagesDto["messages"][number];
export type FindingDto = Schemas["FindingDto"];
export type BinDto = Schemas["BinDto"];
export type RemovalDto = Schemas["RemovalDto"];
export type MembersDto = Schemas["MembersDto"];
export type BackupDto = Schemas["BackupDto"];
export type ImportChoice = Schemas["ImportChoice"];
export type ImportDryRun = Schemas["ImportDryRun"];
export type ImportedSite = Schemas["ImportedSite"];
export type ImportLine = Schemas["ImportLine"];
export type GivenFile = Schemas["GivenFile"];
export type MemberDto = Schemas["MemberDto"];
export type UndoHow = NonNullable<Schemas["StepBack"]["how"]>;
export type RemainingDto = Schemas["RemainingDto"];
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
/** Where all messages are saved for a spreadsheet. */
export const messagesAsCsv = `${BASE}/messages/all.csv`;
/** Where the site is saved in an open format. */
export const exportOf = (path: string) => `${BASE}/exports/${path}`;
/** Where a backup is saved from. */
export const backupFile = (name: string) => `${BASE}/backups/${name}`;
/** Milliseconds after which a call counts as not answered. */
const PATIENCE = 20_000;
/** The same where all pictures are copied first. */
const LONG_PATIENCE = 600_000;
/** The same for a large file on a slow line. */
const UPLOAD_PATIENCE = 3_600_000;

/**
 * What to do when a session is over: resolves once the person has signed in again, and the call then goes out once
 * more. Set by what stands around the desk; until then such a call is refused like any other.
 */
let signedInAgain: (() => Promise<void>) | null = null;
export function whenSessionIsOver(wait: (() => Promise<void>) | null): void {
  signedInAgain = wait;
}

interface How {
  /** Ends it, since nobody waits for the answer any more. */
  readonly abandoned?: AbortSignal | undefined;
  /** In milliseconds. */
  readonly patience?: number;
  readonly onSent?: OnSent;
  readonly tokenIsNew?: boolean;
}

/** @param body a file goes out as it is, everything else as JSON */
async function call<T>(method: string, path: string, body?: unknown, how: How = {}): Promise<T> {
  const { abandoned, onSent } = how;
  const given = AbortSignal.timeout(how.patience ?? PATIENCE);
  const file = body instanceof Blob;
  const request = {
    method,
    headers: {
      Accept: "application/json, application/problem+json",
      ...(body === undefined
        ? {}
        : { "Content-Type": file ? "application/octet-stream" : "application/json" }),
      ...(method === "GET" ? {} : { "X-XSRF-TOKEN": csrfToken() }),
    },
    ...(body === undefined ? {} : { body: file ? body : JSON.stringify(body) }),
    signal: abandoned ? AbortSignal.any([given, abandoned]) : given,
  };
  try {
    const response = await (onSent ? sending(BASE + path, request, onSent) : fetch(BASE + path, request));
    if (response.ok) return (response.status === 204 ? undefined : await response.json()) as T;
    const refused = refusalOf(response.status, await response.text());
    if (refused) throw refused;
  } catch (problem) {
    abandoned?.throwIfAborted();
    const type = problem instanceof Refused ? problem.type : "";
    const over = type === "not-signed-in" ? signedInAgain : null;
    // Signing out takes the token along, and signing in brings another with the next answer.
    if (over || (type === "csrf-missing" && !how.tokenIsNew)) {
      await (over ? over() : call("GET", "/session"));
      abandoned?.throwIfAborted();
      return call(method, path, body, { ...how, tokenIsNew: !over });
    }
    if (problem instanceof Refused) throw problem;
    // Nothing came, or something that is no answer of Velnik's, such as a page that stands in its way.
  }
  throw new Unreachable();
}

/** What a problem says; null for one of the server's own that says nothing. */
function refusalOf(status: number, body: string): Refused | null {
  const problem = parsed(body);
  if (status >= 500 && problem.detail === undefined) return null;
  return new Refused(
    status,
    String(problem.type ?? "").replace(/^.*\//, ""),
    String(problem.detail ?? "Something went wrong. Nothing was changed."),
    problem.errors ?? [],
    problem.later ?? null,
  );
}

function parsed(body: string) {
  try {
    return JSON.parse(body) ?? {};
  } catch {
    return {}; // a page that stands in the way
  }
}

/** What shows that a call comes from the editor. */
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
  would: (request: string, basedOn: number, changes: readonly ChangeDto[], abandoned?: AbortSignal) =>
    call<TriedDto>("POST", "/changes?dryRun=true", { request, basedOn, changes }, { abandoned }),
  messages: (abandoned?: AbortSignal) => call<MessagesDto>("GET", "/messages", undefined, { abandoned }),
  unread: (abandoned?: AbortSignal) =>
    call<Schemas["UnreadDto"]>("GET", "/messages/unread", undefined, { abandoned }),
  markMessage: (id: string, mark: { readonly read?: boolean; readonly answered?: boolean }) =>
    call<MessagesDto>("POST", `/messages/${id}`, { read: null, answered: null, ...mark }),
  removeMessage: (id: string) => call<MessagesDto>("DELETE", `/messages/${id}`),
  files: (abandoned?: AbortSignal) => call<FileDto[]>("GET", "/files", undefined, { abandoned }),
  addFile: (request: string, basedOn: number, id: string, file: File, onSent: OnSent) =>
    call<AnswerDto>(
      "POST",
      `/files?${new URLSearchParams({ request, basedOn: String(basedOn), file: id, name: file.name })}`,
      file,
      { patience: UPLOAD_PATIENCE, onSent },
    ),
  replaceFile: (request: string, basedOn: number, id: string, file: File, onSent: OnSent) =>
    call<AnswerDto>(
      "PUT",
      `/files/${id}/content?${new URLSearchParams({ request, basedOn: String(basedOn) })}`,
      file,
      { patience: UPLOAD_PATIENCE, onSent },
    ),
  bin: (abandoned?: AbortSignal) => call<BinDto>("GET", "/bin", undefined, { abandoned }),
  undo: (request: string, how: UndoHow) => call<AnswerDto>("POST", "/undo", { request, how }),
  redo: (request: string) => call<AnswerDto>("POST", "/redo", { request }),
  previewOutline: (request: string, basedOn: number, text: string, place: PlaceDto | null) =>
    call<PreviewDto>("POST", "/imports/outline?dryRun=true", { request, basedOn, text, place }),
  importOutline: (request: string, basedOn: number, text: string, place: PlaceDto | null) =>
    call<AnswerDto>("POST", "/imports/outline?dryRun=false", { request, basedOn, text, place }),
  /** What reading files in would do, row by row. */
  wouldRead: (
    request: string,
    basedOn: number,
    files: readonly GivenFile[],
    choices: ImportChoice,
    onSent: OnSent,
    abandoned?: AbortSignal,
  ) =>
    call<ImportDryRun>(
      "POST",
      "/imports/files?dryRun=true",
      { request, basedOn, files, choices },
      { abandoned, patience: LONG_PATIENCE, onSent },
    ),
  readFiles: (
    request: string,
    basedOn: number,
    files: readonly GivenFile[],
    choices: ImportChoice,
    onSent: OnSent,
    abandoned: AbortSignal,
  ) =>
    call<AnswerDto>(
      "POST",
      "/imports/files?dryRun=false",
      { request, basedOn, files, choices },
      { abandoned, patience: LONG_PATIENCE, onSent },
    ),
  menus: (abandoned?: AbortSignal) => call<MenusDto>("GET", "/menus", undefined, { abandoned }),
  offers: (menu: string, text: string, abandoned?: AbortSignal) =>
    call<OfferDto[]>("GET", `/menus/${menu}/offers?text=${encodeURIComponent(text)}`, undefined, {
      abandoned,
    }),
  importItems: (request: string, basedOn: number, text: string, place: RowPlace) =>
    call<AnswerDto>("POST", "/imports/items?dryRun=false", { request, basedOn, text, place }),
  previewItems: (request: string, basedOn: number, text: string, place: RowPlace) =>
    call<Schemas["ItemsPreview"]>("POST", "/imports/items?dryRun=true", { request, basedOn, text, place }),
  zones: (page: string | null, abandoned?: AbortSignal) =>
    call<ZonesDto>("GET", page === null ? "/zones" : `/zones?page=${page}`, undefined, { abandoned }),
  fit: (page: string, width: number, abandoned?: AbortSignal) =>
    call<FitDto[]>("GET", `/fit?page=${page}&width=${width}`, undefined, { abandoned }),
  rowsElsewhere: (page: string, abandoned?: AbortSignal) =>
    call<RowElsewhereDto[]>("GET", `/fit/elsewhere?page=${page}`, undefined, { abandoned }),
  findings: (abandoned?: AbortSignal) => call<FindingDto[]>("GET", "/findings", undefined, { abandoned }),
  placings: (abandoned?: AbortSignal) =>
    call<Readonly<Record<string, PlacingDto>>>("GET", "/placings", undefined, { abandoned }),
  placeable: (pages: readonly string[], abandoned?: AbortSignal) =>
    call<PlaceableDto[]>("GET", `/placeable?pages=${pages.join(",")}`, undefined, { abandoned }),
  /** Null for a page that is gone. */
  series: (title: string, count: number) =>
    call<Schemas["SeriesDto"]>("GET", `/series?${new URLSearchParams({ title, count: String(count) })}`),
  remaining: () => call<RemainingDto[]>("GET", "/remaining"),
  structures: () => call<Schemas["StructureDto"][]>("GET", "/structures"),
  beginWith: (request: string, basedOn: number, structure: string) =>
    call<AnswerDto>("POST", `/structures/${structure}`, { request, basedOn }),
  bringBack: (request: string, basedOn: number, release: number) =>
    call<AnswerDto>("POST", `/releases/${release}/bring-back`, { request, basedOn }),
  releaseDifference: (from: number, to: number, abandoned: AbortSignal) =>
    call<Schemas["ReleaseDifferenceDto"]>("GET", `/releases/${from}/difference?to=${to}`, undefined, {
      abandoned,
    }),
  emptyBin: (request: string, removals: readonly string[]) =>
    call<BinDto>("POST", "/bin/emptyings", { request, removals }),
  /** @param parts how many parts of the list, from its beginning */
  addresses: async (words: string, which: string, parts: number, abandoned: AbortSignal) => {
    const asked = (from: number) =>
      call<AddressesDto>(
        "GET",
        `/addresses?${new URLSearchParams({ words, which, from: String(from) })}`,
        undefined,
        { abandoned },
      );
    let all = await asked(0);
    for (let part = 1; part < parts && all.rows.length < all.found; part++) {
      all = { ...all, rows: [...all.rows, ...(await asked(all.rows.length)).rows] };
    }
    return all;
  },
  pageCard: async (page: string, abandoned: AbortSignal) =>
    (await call<PageCardDto | undefined>("GET", `/pages/${page}/card`, undefined, { abandoned })) ?? null,
  /** Places on any page that answer to what was typed. */
  places: (text: string) => call<TextPlaceDto[]>("GET", `/places?text=${encodeURIComponent(text)}`),
  placesOn: (page: string) => call<TextPlaceDto[]>("GET", `/pages/${page}/places`),
  text: (page: string, abandoned?: AbortSignal) =>
    call<Schemas["WrittenDto"]>("GET", `/pages/${page}/text`, undefined, { abandoned }),
  waiting: (abandoned?: AbortSignal) => call<WaitingDto>("GET", "/waiting", undefined, { abandoned }),
  releases: (abandoned?: AbortSignal) => call<ReleaseDto[]>("GET", "/releases", undefined, { abandoned }),
  publish: (request: string, basedOn: number, note: string) =>
    call<ReleaseDto>("POST", "/releases", { request, basedOn, note }),
  preferences: () => call<{ settings: Readonly<Record<string, string>> }>("GET", "/preferences"),
  keepPreference: (name: string, setting: string) => call<void>("POST", "/preferences", { name, setting }),
  members: (abandoned?: AbortSignal) => call<MembersDto>("GET", "/members", undefined, { abandoned }),
  addMember: (member: Schemas["NewMember"]) => call<MembersDto>("POST", "/members", member),
  /** Signs the member out everywhere. */
  giveMemberPassword: (name: string, password: string) =>
    call<MembersDto>("POST", `/members/${encodeURIComponent(name)}/password`, { password }),
  removeMember: (name: string) => call<MembersDto>("DELETE", `/members/${encodeURIComponent(name)}`),
  backups: (abandoned?: AbortSignal) =>
    call<Schemas["BackupsDto"]>("GET", "/backups", undefined, { abandoned }),
  takeBackup: () => call<BackupDto>("POST", "/backups", undefined, { patience: LONG_PATIENCE }),
  /** The look in use, with one value otherwise where one is tried. */
  tuned: (
    tried: { readonly token: TokenDto["token"]; readonly value: string } | null,
    abandoned?: AbortSignal,
  ) =>
    call<TunedDto>(
      "GET",
      tried === null ? "/looks/tried" : `/looks/tried?${new URLSearchParams(tried)}`,
      undefined,
      { abandoned },
    ),
  openWindow: () => call<{ address: string }>("POST", "/windows"),
};

/** The HTML of a page in the window. Null when the window was closed by the server. */
export async function windowPage(address: string, abandoned: AbortSignal): Promise<string | null> {
  const signal = AbortSignal.any([AbortSignal.timeout(PATIENCE), abandoned]);
  const response = await fetch(address, { signal }).catch(() => {
    throw new Unreachable();
  });
  const html = await response.text();
  return html.includes("data-closed") ? null : html;
}
