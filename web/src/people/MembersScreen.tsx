import { useQuery, useQueryClient } from "@tanstack/react-query";
import { Button } from "antd";
import { useState } from "react";
import { Link } from "react-router";
import { api, type MemberDto, type MembersDto } from "../api/client";
import { Answered, answerOf, ifKnown } from "../shared/answer";
import { LedgerHead } from "../shared/LedgerHead";
import { Problem } from "../shared/Problem";
import { sentenceOf } from "../shared/sentenceOf";
import { dayOf } from "../shared/when";
import type { WorkingCopy } from "../working-copy/store";
import { addressOf } from "../working-copy/tree";
import { focusNewMember, NewMember } from "./NewMember";
import { NewPassword } from "./NewPassword";
import "./members.css";

const MEMBERS = ["members"];

/** Who may see pages for members. What is done here acts at once and is not undone, so removing asks first. */
export default function MembersScreen({ copy }: { readonly copy: WorkingCopy }) {
  const queries = useQueryClient();
  const [problem, setProblem] = useState<string | null>(null);
  const [told, setTold] = useState("");
  const all = useQuery({ queryKey: MEMBERS, queryFn: ({ signal }) => api.members(signal) });
  const members = ifKnown(answerOf(all))?.members ?? [];
  /** Whether it was done. */
  const take = async (answer: Promise<MembersDto>, then: string): Promise<boolean> => {
    try {
      queries.setQueryData(MEMBERS, await answer);
      setProblem(null);
      setTold(then);
      return true;
    } catch (failed) {
      setProblem(sentenceOf(failed));
      return false;
    }
  };
  return (
    <main className="ledger members">
      <div className="head">
        <h2>Members</h2>
        <span>visitors who may see pages for members</span>
      </div>
      <p>
        <ForMembers copy={copy} /> This list waits for no publishing: what you do here acts at once.
      </p>
      <Problem sentence={problem} />
      <Answered answer={answerOf(all)} what="the members">
        {() => null}
      </Answered>
      <p className="unseen" role="status">
        {told}
      </p>
      {members.length > 0 && (
        <table>
          <LedgerHead columns={["Who", "Name to sign in with", "Since"]} last="What can be done" />
          <tbody>
            {members.map((member) => (
              <Row
                key={member.name}
                member={member}
                onPassword={(password) =>
                  take(
                    api.giveMemberPassword(member.name, password),
                    `${member.displayName} has another password and is signed out everywhere.`,
                  )
                }
                onRemove={async () => {
                  if (
                    await take(api.removeMember(member.name), `${member.displayName} is no member any more.`)
                  )
                    focusNewMember();
                }}
              />
            ))}
          </tbody>
        </table>
      )}
      {all.isSuccess && (
        <NewMember
          first={members.length === 0}
          onAdded={(fresh, name) => void take(Promise.resolve(fresh), `${name} is a member now.`)}
        />
      )}
    </main>
  );
}

/** Which pages it is about, and where members come in. */
function ForMembers({ copy }: { readonly copy: WorkingCopy }) {
  const pages = [...copy.tree.pages.values()].filter(
    (page) => page.membersOnly && page.id !== copy.tree.home,
  );
  const signIn = [...copy.tree.pages.values()].find((page) => page.kind === "SIGN_IN");
  const where = signIn ? `They sign in at ${addressOf(copy.tree, signIn.id)}.` : "";
  const [first, ...others] = pages;
  if (!first)
    return (
      <>
        No page is for members only yet; say so on the card of a <Link to="/pages">page</Link>. {where}
      </>
    );
  return (
    <>
      For members only: <Link to={`/pages/${first.id}`}>{first.title}</Link>
      {others.length > 0 && ` and ${others.length} more`}, with what is under{" "}
      {others.length > 0 ? "them" : "it"}. {where}
    </>
  );
}

type Asking = "password" | "remove";

function Row(props: {
  readonly member: MemberDto;
  readonly onPassword: (password: string) => Promise<boolean>;
  readonly onRemove: () => Promise<void>;
}) {
  const { member } = props;
  const [asking, setAsking] = useState<Asking | null>(null);
  /** What was asked last; its button has the focus again. */
  const [last, setLast] = useState<Asking | null>(null);
  const leave = () => {
    setLast(asking);
    setAsking(null);
  };
  const about = (what: string) => `${what} ${member.displayName}`;
  return (
    <tr>
      <th scope="row">{member.displayName}</th>
      <td>{member.name}</td>
      <td>{dayOf(member.since)}</td>
      <td>
        {asking === "password" ? (
          <NewPassword
            label={about("Another password for")}
            onGive={async (password) => (await props.onPassword(password)) && leave()}
            onLeave={leave}
          />
        ) : asking === "remove" ? (
          <span key="remove" className="asking">
            Remove for good?
            <Button
              size="small"
              danger
              autoFocus
              aria-label={about("Remove")}
              onClick={() => void props.onRemove()}
            >
              Remove
            </Button>
            <Button size="small" aria-label={about("Cancel, do not remove")} onClick={leave}>
              Cancel
            </Button>
          </span>
        ) : (
          <span key="ways" className="asking">
            <Button
              size="small"
              autoFocus={last === "password"}
              aria-label={about("Another password for")}
              onClick={() => setAsking("password")}
            >
              Another password
            </Button>
            <Button
              size="small"
              autoFocus={last === "remove"}
              aria-label={`${about("Remove")}…`}
              onClick={() => setAsking("remove")}
            >
              Remove…
            </Button>
          </span>
        )}
      </td>
    </tr>
  );
}
