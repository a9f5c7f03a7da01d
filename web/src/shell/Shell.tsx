import { useQueryClient } from "@tanstack/react-query";
import { Suspense, useEffect, useState } from "react";
import { Route, Routes, useLocation, useNavigate } from "react-router";
import type { PersonDto } from "../api/client";
import { given } from "../exchange/given";
import { useDropping } from "../files/useDropping";
import { MayEditContext } from "../people/mayEdit";
import { type Preferences, PreferencesContext } from "../people/preferences";
import { SessionOver } from "../people/SessionOver";
import { Dense } from "../shared/density";
import { listen } from "../working-copy/elsewhere";
import { type Result, useWorkingCopyState, type WorkingCopyStore } from "../working-copy/store";
import { FootLine, type Problem as FootProblem } from "./FootLine";
import { isTyping, undoesItself } from "./keys";
import { Mishap } from "./Mishap";
import { screenAt } from "./screenNames";
import {
  AddressesScreen,
  BackupsScreen,
  BinScreen,
  BusinessScreen,
  ExchangeScreen,
  FilesScreen,
  fetchAhead,
  GoTo,
  KeysHelp,
  LooksScreen,
  MembersScreen,
  MenusScreen,
  MessagesScreen,
  PageTreeScreen,
  SheetScreen,
  TopicsScreen,
  WaitingScreen,
  ZonesScreen,
} from "./screens";
import { TopLine } from "./TopLine";

/** Milliseconds until what is not needed yet is fetched. */
const AHEAD_AFTER = 3_000;

/** What surrounds every screen: the line at the top with undo and publishing, and the line at the foot. */
export default function Shell({
  store,
  preferences,
  person,
  onLeave,
}: {
  readonly store: WorkingCopyStore;
  readonly preferences: Preferences;
  readonly person: PersonDto;
  readonly onLeave: () => void;
}) {
  const state = useWorkingCopyState(store);
  const area = useLocation().pathname;
  const [helping, setHelping] = useState(false);
  /** Whether something is looked for: anything, or the answer to a question. */
  const [going, setGoing] = useState<"anywhere" | "help" | null>(null);
  /** With what was told then; once something else is told, it is a problem no more. */
  const [problem, setProblem] = useState<(FootProblem & { readonly since: readonly string[] }) | null>(null);
  /** The page in the window of Menus, Zones and Looks stays where the owner went, on Pages too. */
  const [visited, setVisited] = useState<string | null>(null);

  useEffect(() => listen(store), [store]);
  const { siteName } = state.copy;
  useEffect(() => {
    document.title = `${screenAt(area)} · ${siteName} · Velnik`;
  }, [area, siteName]);
  useEffect(() => {
    const later = setTimeout(() => void fetchAhead(), AHEAD_AFTER);
    return () => clearTimeout(later);
  }, []);

  const queries = useQueryClient();
  const { turns } = state.copy;
  useEffect(() => {
    // What was computed before something opened or closed is out of date, though the site is the same.
    if (turns > 0) void queries.invalidateQueries();
  }, [queries, turns]);

  const connected = state.keeping.status !== "lost";
  useEffect(() => {
    // What could not be found out while there was no connection can be now.
    if (connected) void queries.refetchQueries({ predicate: (query) => query.state.status === "error" });
  }, [queries, connected]);

  const tell = async (result: Promise<Result | { readonly ok: boolean; readonly sentence: string }>) => {
    const became = await result;
    const now = store.current();
    setProblem(
      became.ok || !("sentence" in became)
        ? null
        : {
            sentence: became.sentence,
            later: ("later" in became && became.later) || null,
            since: now.copy.told,
          },
    );
  };

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === "k") {
        event.preventDefault(); // browsers go to their own search
        setGoing("anywhere");
        return;
      }
      if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === "z") {
        if (undoesItself(event.target)) return;
        event.preventDefault();
        void tell(event.shiftKey ? store.redo() : store.undo());
      } else if (event.key === "?" && !isTyping(event.target)) {
        event.preventDefault();
        setHelping(true);
      }
    };
    document.addEventListener("keydown", onKey);
    return () => document.removeEventListener("keydown", onKey);
  });

  const { keeping } = state;
  const unsent = keeping.status === "sending" || (keeping.status === "lost" && keeping.waiting > 0);
  useEffect(() => {
    if (!unsent) return;
    const ask = (event: BeforeUnloadEvent) => event.preventDefault(); // the browser asks whether to leave all the same
    window.addEventListener("beforeunload", ask);
    return () => window.removeEventListener("beforeunload", ask);
  }, [unsent]);

  const { copy } = state;
  const mayEdit = person.role !== "READER";
  const navigate = useNavigate();
  // What no screen has taken for itself.
  const dropping = useDropping(
    mayEdit
      ? (files) => {
          given.set(files);
          navigate("/exchange");
        }
      : null,
  );
  const commands = [
    { words: "All keys", detail: "command", run: () => setHelping(true) },
    ...(mayEdit && copy.history.undo
      ? [{ words: `Undo: ${copy.history.undo}`, detail: "command", run: () => void tell(store.undo()) }]
      : []),
    ...(mayEdit && copy.history.redo
      ? [{ words: `Redo: ${copy.history.redo}`, detail: "command", run: () => void tell(store.redo()) }]
      : []),
    ...(person.role === "OWNER" && copy.waiting > 0
      ? [{ words: "Publish", detail: "command", run: () => void tell(store.publish("")) }]
      : []),
    { words: "Sign out", detail: "command", run: onLeave },
  ];
  /** Why edits wait, where it is not the connection. */
  const waitingFor =
    keeping.status === "lost" && keeping.why !== null ? { sentence: keeping.why, later: null } : null;
  const inWindow = visited !== null && copy.tree.pages.has(visited) ? visited : copy.tree.home;
  const pages = <PageTreeScreen copy={copy} store={store} onPage={setVisited} />;
  return (
    <PreferencesContext value={preferences}>
      <MayEditContext value={mayEdit}>
        <Dense>
          <div className="shell" {...dropping.handlers}>
            <TopLine
              copy={copy}
              keeping={state.keeping}
              person={person}
              onUndo={(edits) => tell(store.undo(edits))}
              onRedo={() => tell(store.redo())}
              onPublish={() => tell(store.publish(""))}
              onLeave={onLeave}
            />
            <Mishap area={area}>
              <Suspense fallback={<div className="area" aria-busy="true" />}>
                <Routes>
                  {inWindow !== null && (
                    <>
                      <Route
                        path="/menus"
                        element={
                          <MenusScreen copy={copy} store={store} page={inWindow} onPage={setVisited} />
                        }
                      />
                      <Route
                        path="/zones"
                        element={
                          <ZonesScreen copy={copy} store={store} page={inWindow} onPage={setVisited} />
                        }
                      />
                      <Route
                        path="/looks"
                        element={
                          <LooksScreen copy={copy} store={store} page={inWindow} onPage={setVisited} />
                        }
                      />
                    </>
                  )}
                  <Route
                    path="/waiting"
                    element={<WaitingScreen copy={copy} store={store} person={person} />}
                  />
                  {person.role === "OWNER" && (
                    <Route path="/members" element={<MembersScreen copy={copy} />} />
                  )}
                  {person.role === "OWNER" && <Route path="/backups" element={<BackupsScreen />} />}
                  <Route path="/addresses" element={<AddressesScreen copy={copy} store={store} />} />
                  <Route path="/business" element={<BusinessScreen copy={copy} store={store} />} />
                  <Route path="/files" element={<FilesScreen copy={copy} store={store} />} />
                  <Route path="/messages" element={<MessagesScreen copy={copy} />} />
                  <Route path="/topics" element={<TopicsScreen copy={copy} store={store} />} />
                  <Route path="/exchange" element={<ExchangeScreen copy={copy} store={store} />} />
                  <Route path="/bin" element={<BinScreen copy={copy} store={store} />} />
                  <Route path="/pages/sheet" element={<SheetScreen copy={copy} store={store} />} />
                  <Route path="/pages/:page/write" element={pages} />
                  <Route path="/pages/:page?" element={pages} />
                  <Route path="*" element={pages} />
                </Routes>
              </Suspense>
            </Mishap>
            <FootLine
              told={copy.told}
              problem={waitingFor ?? (problem?.since === copy.told ? problem : null)}
              about={copy.about}
              offer={copy.offer}
              onUndo={() => tell(store.undo())}
              onRedo={() => tell(store.redo())}
              onBuiltUpon={(how) => tell(store.undoBuiltUpon(how))}
              onHelp={() => setHelping(true)}
              onGo={() => setGoing("anywhere")}
              onAsk={() => setGoing("help")}
            />
            <SessionOver person={person} />
            <Suspense>
              {going && (
                <GoTo
                  copy={copy}
                  person={person}
                  commands={commands}
                  asking={going === "help"}
                  onClose={() => setGoing(null)}
                />
              )}
            </Suspense>
            <Suspense>{helping && <KeysHelp onClose={() => setHelping(false)} />}</Suspense>
          </div>
        </Dense>
      </MayEditContext>
    </PreferencesContext>
  );
}
