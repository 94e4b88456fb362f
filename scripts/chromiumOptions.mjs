/* How Debian's headless Chromium is started, by the browser tests and by the scripts: no network, no first-run pages. */
export const CHROMIUM_OPTIONS = {
  executablePath: '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
};
