import { MantineProvider } from "@mantine/core";
import { Notifications } from "@mantine/notifications";
import { MutationCache, QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { setNonce } from "get-nonce";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { App } from "./App";
import { tell } from "./parts/tell";
import { greys, theme } from "./theme/theme";

// Whatever could not be done is told in one place, and stays until it is closed by hand.
const queries = new QueryClient({
  defaultOptions: {
    // Without a network there is still the program on this machine, or what the device keeps.
    queries: { retry: 1, refetchOnWindowFocus: false, networkMode: "always" },
    mutations: { networkMode: "always" },
  },
  mutationCache: new MutationCache({ onError: tell }),
});

/** By which the browser takes styles that are made on the page for the program's own. */
const nonce = document.querySelector<HTMLMetaElement>('meta[property="csp-nonce"]')?.nonce ?? "";
setNonce(nonce);

/** The whole page in this element. */
export const show = (element: HTMLElement) =>
  createRoot(element).render(
    <StrictMode>
      <MantineProvider
        theme={theme}
        cssVariablesResolver={greys}
        forceColorScheme="light"
        getStyleNonce={() => nonce}
      >
        <Notifications position="top-center" containerWidth={640} />
        <QueryClientProvider client={queries}>
          <App />
        </QueryClientProvider>
      </MantineProvider>
    </StrictMode>,
  );
