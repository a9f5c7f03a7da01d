import { nonce } from "./shared/csp";
import "@fontsource-variable/commissioner/wght.css";
import "./shell/base.css";
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { ConfigProvider } from "antd";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { BrowserRouter } from "react-router";
import { useTheme } from "./shared/theme";
import { Entrance } from "./shell/Entrance";

const queries = new QueryClient({
  // Answers belong to a revision; those of an old one are asked for no more.
  defaultOptions: {
    queries: { retry: false, refetchOnWindowFocus: false, gcTime: 5_000, networkMode: "always" },
  },
});

function Editor() {
  return (
    <ConfigProvider theme={useTheme()} csp={{ nonce }} wave={{ disabled: true }}>
      <QueryClientProvider client={queries}>
        <BrowserRouter basename="/-/manage">
          <Entrance />
        </BrowserRouter>
      </QueryClientProvider>
    </ConfigProvider>
  );
}

const root = document.getElementById("editor");
if (!root) throw new Error("the page has no place for the editor");
createRoot(root).render(
  <StrictMode>
    <Editor />
  </StrictMode>,
);
