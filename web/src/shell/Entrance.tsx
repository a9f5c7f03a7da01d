import { useQuery, useQueryClient } from "@tanstack/react-query";
import { Button } from "antd";
import { useLocation } from "react-router";
import { api, type PersonDto, type SessionDto } from "../api/client";
import { FirstOwner } from "../people/FirstOwner";
import { SignIn } from "../people/SignIn";
import { sentenceOf } from "../shared/sentenceOf";
import { CouldNotLoad } from "./CouldNotLoad";
import { open } from "./opening";

/** The way in: the first account, signing in, or the desk. */
export function Entrance() {
  const queries = useQueryClient();
  const session = useQuery({ queryKey: ["session"], queryFn: api.session });
  const enter = (entered: SessionDto) => queries.setQueryData(["session"], entered);
  if (session.isPending) return <Waiting />;
  if (session.isError) {
    return (
      <main className="entrance">
        <h1>Velnik</h1>
        <p role="alert">{sentenceOf(session.error)} Nothing is lost.</p>
        <Button type="primary" onClick={() => session.refetch()}>
          Try again
        </Button>
      </main>
    );
  }
  if (session.data.ownerMissing) return <FirstOwner onEnter={enter} />;
  if (!session.data.person) return <SignIn demo={session.data.demo} onEnter={enter} />;
  return <Desk person={session.data.person} />;
}

function Desk({ person }: { readonly person: PersonDto }) {
  const queries = useQueryClient();
  const area = useLocation().pathname;
  const opening = useQuery({
    queryKey: ["opening"],
    queryFn: () => open(area, queries),
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: Number.POSITIVE_INFINITY,
  });
  if (opening.isPending) return <Waiting />;
  if (opening.isError) {
    return <CouldNotLoad what="your site" sentence={sentenceOf(opening.error)} onRetry={opening.refetch} />;
  }
  const { Shell, store, preferences } = opening.data;
  return (
    <Shell
      store={store}
      preferences={preferences}
      person={person}
      onLeave={async () => {
        await api.signOut();
        queries.clear();
        location.assign("/-/manage/");
      }}
    />
  );
}

function Waiting() {
  return (
    <main className="entrance" aria-busy="true">
      <p>One moment…</p>
    </main>
  );
}
