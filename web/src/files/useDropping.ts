import { type DragEvent, useState } from "react";

/** Takes files that are dropped on an element, and not on one in it that takes them itself; none where nobody may. */
export function useDropping(onDrop: ((files: readonly File[]) => void) | null) {
  const [over, setOver] = useState(false);
  const carries = (event: DragEvent) =>
    onDrop !== null && !event.defaultPrevented && event.dataTransfer.types.includes("Files");
  return {
    over,
    handlers: {
      onDragOver: (event: DragEvent) => {
        if (!carries(event)) return;
        event.preventDefault();
        setOver(true);
      },
      onDragLeave: (event: DragEvent) => {
        if (event.currentTarget === event.target) setOver(false);
      },
      onDrop: (event: DragEvent) => {
        setOver(false);
        if (!carries(event)) return;
        event.preventDefault();
        onDrop?.([...event.dataTransfer.files]);
      },
    },
  };
}
