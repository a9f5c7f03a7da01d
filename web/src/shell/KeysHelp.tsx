import { Checkbox, Modal } from "antd";
import { useState } from "react";
import { letLettersAct, lettersAct } from "./keys";

const KEYS: readonly (readonly [string, string])[] = [
  ["Up, Down", "select a row"],
  ["Shift+Up, Down", "select several rows"],
  ["Ctrl+Up, Down, Space", "go on, and tick one row more or one fewer"],
  ["Ctrl+A", "select all rows"],
  ["Left, Right", "fold, unfold, go to the row above"],
  ["Enter", "rename; Enter saves it, Escape cancels"],
  ["N", "add below; Enter saves it and goes on, Tab nests, Escape cancels"],
  ["Ctrl+Enter", "while adding a page: held back, or open where new pages begin otherwise"],
  ["Ctrl+Shift+Up, Down", "move up, down"],
  ["Ctrl+Shift+Right, Left", "move in, out"],
  ["Ctrl+Shift+Home, End", "move to the beginning, to the end"],
  ["M", "move to…"],
  ["H", "hide or show items, hide pages from menus, set a menu aside"],
  ["P", "add pages to menus, or pages of the tree to a menu"],
  ["G", "group pages under a new page, items under a new heading"],
  ["T", "write the text of a page"],
  ["Ctrl+D", "copy a page, items or a menu"],
  ["Delete", "remove, to the bin; remove a page from a list"],
  ["Placing sheet: Space, Enter", "add or remove; type a label"],
  ["Writing: Ctrl+B, I, K", "bold, italic, a link; [ finds a page too"],
  ["W", "the preview at full size"],
  ["Ctrl+K", "find a page, item, menu, screen or command"],
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
