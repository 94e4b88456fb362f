/** How Debian's headless Chromium is started, by the browser tests and by the scripts. */
export const CHROMIUM_OPTIONS: { readonly executablePath: string; readonly args: string[] };
