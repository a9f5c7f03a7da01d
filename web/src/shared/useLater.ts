import { useEffect, useState } from "react";

/** A value as it was once it had not changed for so many milliseconds. */
export function useLater<T>(value: T, milliseconds: number): T {
  const [later, setLater] = useState(value);
  useEffect(() => {
    const waiting = setTimeout(() => setLater(value), milliseconds);
    return () => clearTimeout(waiting);
  }, [value, milliseconds]);
  return later;
}
