/** How Debian's headless browser is started, for the browser tests and for the pictures alike. */
export const executablePath = process.env.FACELIFT_CHROMIUM ?? '/usr/bin/chromium';
export const switches = [
    '--headless',
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
];
