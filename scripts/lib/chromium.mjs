/** Debian's Chromium without a window; the one with windows, several times as heavy, where the lighter cannot be had. */
import { existsSync } from 'node:fs';
import { aptInstall } from './packages.mjs';

const NAMES = ['chromium-headless-shell', 'chromium'];
const pathOf = (name) => `/usr/bin/${name}`;

export const chromiumPath = () => pathOf(NAMES.find((name) => existsSync(pathOf(name))) ?? NAMES[0]);

export async function installChromium() {
  const [light, whole] = NAMES;
  const install = (name) => aptInstall(name, () => existsSync(pathOf(name)));
  return install(light).catch((error) => {
    if (!existsSync(pathOf(whole))) throw error;
    return `${whole}: ${light} could not be installed`;
  });
}
