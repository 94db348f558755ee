import { spawn } from 'node:child_process';
import fs from 'node:fs';
import puppeteer from 'puppeteer-core';
import { drawingChromium } from './chromium.mjs';

/** Waits until the application answers. */
export async function untilUp(address) {
  for (let tries = 0; tries < 120; tries += 1) {
    const up = await fetch(`${address}/start`).then(
      (answer) => answer.ok,
      () => false,
    );
    if (up) return true;
    await new Promise((wait) => setTimeout(wait, 250));
  }
  return false;
}

/** Serves the present build with the demo shop, opens a page on it, and cleans up after the task. */
export async function visit(port, task) {
  const server = spawn(process.execPath, ['scripts/serve.mjs'], {
    env: { ...process.env, FLUORITE_DEMO: '1', NEXT_TELEMETRY_DISABLED: '1', PORT: port, HOST: 'localhost' },
    stdio: 'ignore',
  });
  const address = `http://localhost:${port}`;
  await untilUp(address);
  const args = JSON.parse(fs.readFileSync(new URL('./chromium-args.json', import.meta.url), 'utf8'));
  const browser = await puppeteer.launch({ executablePath: drawingChromium(), args });
  try {
    const page = await browser.newPage();
    await page.setViewport({ width: 1280, height: 800 });
    // Asked whether to leave with unwritten work, it leaves.
    page.on('dialog', (dialog) => void dialog.accept());
    const go = async (place) => {
      await page.goto(address + place);
      await page.waitForSelector('[data-ready] h1');
    };
    await task(page, go);
  } finally {
    await browser.close();
    server.kill();
  }
}
