import { useQuery, useQueryClient } from "@tanstack/react-query";
import { Button } from "antd";
import { lazy, Suspense } from "react";
import { api, type SessionDto } from "../api/client";
import { FirstOwner } from "../people/FirstOwner";
import { SignIn } from "../people/SignIn";
import { sentenceOf } from "../working-copy/store";

const Shell = lazy(() => import("./Shell"));

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
  if (!session.data.person) return <SignIn onEnter={enter} />;
  return (
    <Suspense fallback={<Waiting />}>
      <Shell
        person={session.data.person}
        onLeave={async () => {
          await api.signOut();
          queries.clear();
          location.assign("/-/manage/");
        }}
      />
    </Suspense>
  );
}

function Waiting() {
  return (
    <main className="entrance" aria-busy="true">
      <p>One moment…</p>
    </main>
  );
}
