import { Modal } from "@mantine/core";
import { useState } from "react";
import { KEYS, lettersOff, setLettersOff, useKeys } from "./keys";
import classes from "./parts.module.css";

/** The list of keys, opened by "?" anywhere. */
export function KeysDialog() {
  const [open, setOpen] = useState(false);
  const [off, setOff] = useState(lettersOff);
  useKeys({ "?": (down) => down && setOpen(true) });
  const change = (next: boolean) => {
    setOff(next);
    setLettersOff(next);
  };
  return (
    <Modal opened={open} onClose={() => setOpen(false)} title="Keys" radius={0} shadow="none">
      <dl className={classes.keys}>
        {KEYS.map(({ key, shown, does }) => (
          <div key={key}>
            <dt>{shown}</dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
      <label>
        <input type="checkbox" checked={off} onChange={(e) => change(e.target.checked)} /> Single
        letters do nothing
      </label>
    </Modal>
  );
}
