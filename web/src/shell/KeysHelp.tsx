import { Checkbox, Modal } from "antd";
import { useState } from "react";
import { letLettersAct, lettersAct } from "./keys";

const KEYS: readonly (readonly [string, string])[] = [
  ["Up, Down", "choose a row"],
  ["Shift+Up, Down", "choose more rows"],
  ["Ctrl+Up, Down, Space", "go on, and tick one row more or one fewer"],
  ["Ctrl+A", "choose all rows"],
  ["Left, Right", "fold, unfold, go to the row above"],
  ["Enter", "edit the title or label; Enter keeps it, Escape gives up"],
  ["N", "add below; Enter keeps it and goes on, Tab nests, Escape leaves"],
  ["Ctrl+Shift+Up, Down", "move up, down"],
  ["Ctrl+Shift+Right, Left", "move in, out"],
  ["Ctrl+Shift+Home, End", "move to the top, to the end of its place"],
  ["M", "move to…"],
  ["H", "hide or show items, set a menu aside"],
  ["P", "place pages: in menus, or many of the tree in one menu"],
  ["G", "put pages under a new page, items under a new heading"],
  ["Ctrl+D", "copy items or a menu"],
  ["Delete", "to the bin; leave a page out of a list"],
  ["Placing sheet: Space, Enter", "place or take out; type a label"],
  ["W", "the window at full size"],
  ["Ctrl+Z, Ctrl+Shift+Z", "undo, redo"],
  ["?", "this list"],
];

export default function KeysHelp({ onClose }: { readonly onClose: () => void }) {
  const [letters, setLetters] = useState(lettersAct());
  return (
    <Modal open onCancel={onClose} footer={null} title="Keys" width={520}>
      <dl className="keys">
        {KEYS.map(([keys, what]) => (
          <div key={keys}>
            <dt>{keys}</dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
      <Checkbox
        checked={letters}
        onChange={(event) => {
          setLetters(event.target.checked);
          letLettersAct(event.target.checked);
        }}
      >
        Single letters act while an outline has the focus
      </Checkbox>
    </Modal>
  );
}
