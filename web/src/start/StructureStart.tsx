import { Button, Radio } from "antd";
import { useState } from "react";
import { api } from "../api/client";
import { nameOf } from "../looks/looks";
import { Answered, useAnswer } from "../shared/answer";
import { counted } from "../shared/counted";
import { Problem } from "../shared/Problem";
import type { WorkingCopyStore } from "../working-copy/store";

/** Begins with pages, menus and texts for one kind of business. */
export function StructureStart({ store }: { readonly store: WorkingCopyStore }) {
  const [chosen, setChosen] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const structures = useAnswer(["structures"], 0, () => api.structures());
  const begin = async (id: string) => {
    const result = await store.beginWith(id);
    setProblem(result.ok ? null : result.sentence);
  };
  return (
    <>
      <p>
        Pages, a header and a footer, an enquiry form, a look, and texts that say what to write instead of
        them. All of it is yours to change, and one undo takes it back.
      </p>
      <Answered answer={structures} what="the structures">
        {(all) => {
          const structure = all.find(({ id }) => id === chosen) ?? all[0];
          return (
            structure && (
              <>
                <div className="structures">
                  <Radio.Group
                    aria-label="Starting structure"
                    value={structure.id}
                    onChange={(event) => setChosen(event.target.value)}
                  >
                    {all.map(({ id, name, what }) => (
                      <Radio key={id} value={id}>
                        <b>{name}</b> <span className="hint">{what}</span>
                      </Radio>
                    ))}
                  </Radio.Group>
                  <section className="holds" aria-label={`What ${structure.name} holds`} aria-live="polite">
                    <p className="hint">
                      {counted(structure.pages.length, "# page", "# pages")}, in the look{" "}
                      {nameOf(structure.look)}
                    </p>
                    <ul>
                      {structure.pages.map(({ level, title }) => (
                        <li key={title} style={{ paddingInlineStart: (level - 1) * 18 }}>
                          {title}
                        </li>
                      ))}
                    </ul>
                  </section>
                </div>
                <Problem sentence={problem} />
                <div className="choices">
                  <Button type="primary" onClick={() => void begin(structure.id)}>
                    Begin with {structure.name}
                  </Button>
                </div>
              </>
            )
          );
        }}
      </Answered>
    </>
  );
}
