import { ConfigProvider } from "antd";
import { createContext, type ReactNode, useContext } from "react";

/** Whether the signed-in person may change the site; readers may only look at all of it. */
export const MayEditContext = createContext(true);

export function useMayEdit(): boolean {
  return useContext(MayEditContext);
}

/** Where things are set: for readers all of it shows, and none of it acts. */
export function Editing({ children }: { readonly children: ReactNode }) {
  return <ConfigProvider componentDisabled={!useMayEdit()}>{children}</ConfigProvider>;
}
