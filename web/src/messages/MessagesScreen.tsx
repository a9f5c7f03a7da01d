import { useQuery, useQueryClient } from "@tanstack/react-query";
import { Segmented } from "antd";
import { useState } from "react";
import { Link } from "react-router";
import { api, type MessagesDto, messagesAsCsv } from "../api/client";
import { useMayEdit } from "../people/mayEdit";
import { Answered, answerOf } from "../shared/answer";
import { counted } from "../shared/counted";
import { Problem } from "../shared/Problem";
import { sentenceOf } from "../shared/sentenceOf";
import type { WorkingCopy } from "../working-copy/store";
import { Message } from "./Message";
import "./messages.css";

type Which = "all" | "unread" | "unanswered";

const WHICH: readonly { readonly value: Which; readonly label: string }[] = [
  { value: "all", label: "All" },
  { value: "unread", label: "Unread" },
  { value: "unanswered", label: "Not answered" },
];

const MESSAGES = ["messages"];

/** What visitors wrote by enquiry forms, the newest first. */
export default function MessagesScreen({ copy }: { readonly copy: WorkingCopy }) {
  const queries = useQueryClient();
  const mayEdit = useMayEdit();
  const [which, setWhich] = useState<Which>("all");
  const [problem, setProblem] = useState<string | null>(null);
  const messages = answerOf(
    useQuery({
      queryKey: MESSAGES,
      queryFn: ({ signal }) => api.messages(signal),
      refetchInterval: 60_000,
    }),
  );
  const take = async (answer: Promise<MessagesDto>) => {
    try {
      queries.setQueryData(MESSAGES, await answer);
      setProblem(null);
    } catch (failed) {
      setProblem(sentenceOf(failed));
      void queries.invalidateQueries({ queryKey: MESSAGES });
    }
    void queries.invalidateQueries({ queryKey: ["unread messages"] });
  };
  const withForms = [...copy.tree.pages.values()].filter((page) => page.form !== null);
  return (
    <main className="ledger messages">
      <div className="head">
        <h2>Messages</h2>
        <span>what visitors wrote by your enquiry forms</span>
        <span className="spring" />
        <a className="as-button" href={messagesAsCsv} download>
          Download for a spreadsheet (CSV)
        </a>
      </div>
      <Problem sentence={problem} />
      <Answered answer={messages} what="the messages">
        {(known) => {
          const shown = known.messages.filter((message) =>
            which === "unread" ? !message.read : which === "unanswered" ? !message.answered : true,
          );
          return (
            <>
              <Outgoing messages={known} />
              {known.messages.length === 0 ? (
                <p>
                  Nobody has written yet.{" "}
                  {withForms.length === 0 ? (
                    <>
                      No page has an enquiry form: choose a page on <Link to="/pages">Pages</Link> and open{" "}
                      <b>Enquiry form</b> on its card.
                    </>
                  ) : (
                    <>
                      Visitors can write on{" "}
                      {withForms.map((page, index) => (
                        <span key={page.id}>
                          {index > 0 && ", "}
                          <Link to={`/pages/${page.id}`}>{page.title}</Link>
                        </span>
                      ))}
                      .
                    </>
                  )}
                </p>
              ) : (
                <>
                  <Segmented<Which> value={which} onChange={setWhich} options={[...WHICH]} />
                  {shown.length === 0 && <p>None of these.</p>}
                  <ul className="all-messages">
                    {shown.map((message) => (
                      <Message
                        key={message.id}
                        message={message}
                        mayEdit={mayEdit}
                        pageThere={copy.tree.pages.has(message.page)}
                        onMark={(mark) => void take(api.markMessage(message.id, mark))}
                        onRemove={() => void take(api.removeMessage(message.id))}
                      />
                    ))}
                  </ul>
                </>
              )}
            </>
          );
        }}
      </Answered>
    </main>
  );
}

/** Where messages go besides this screen. */
function Outgoing({ messages }: { readonly messages: MessagesDto }) {
  const failed = messages.messages.filter(({ sending }) => sending === "FAILED").length;
  if (!messages.mailSet)
    return (
      <p className="hint">
        No mail server is set, so nothing is sent by mail: each message shows the mail it would have become.
        Whoever runs Velnik sets one with VELNIK_SMTP_HOST.
      </p>
    );
  return (
    <p className="hint">
      {messages.recipient === ""
        ? "Type the mail address of the business, so that messages are sent there too."
        : `Each message is sent to ${messages.recipient} too.`}
      {failed > 0 && ` ${counted(failed, "# could not be sent.", "# could not be sent.")}`}
    </p>
  );
}
