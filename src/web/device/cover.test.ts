// @vitest-environment happy-dom
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { isCovered, uncover } from './cover.ts';

const LINE = (act: string) => `<li data-line="late alarm"><button data-act="${act}">Done</button></li>`;
const pressed: string[] = [];

/** A page that the server drew in front of the page itself, of which the parts are given. */
function show(drawn: string, own: string): void {
  document.body.innerHTML = `<div id="first">${drawn}</div><div id="app" class="covered">${own}</div>`;
  for (const button of document.querySelectorAll('#app button'))
    button.addEventListener('click', () => pressed.push(button.getAttribute('data-act') ?? ''));
}
const inFront = (css: string): HTMLElement => {
  const found = document.querySelector<HTMLElement>(`#first ${css}`);
  if (!found) throw new Error(`nothing drawn is ${css}`);
  return found;
};

beforeEach(() => {
  pressed.length = 0;
  delete window.pressedEarly;
});
afterEach(() => {
  document.body.innerHTML = '';
  vi.restoreAllMocks();
});

test('the page takes the place of what the server drew', async () => {
  show(LINE('done'), LINE('done'));
  expect(isCovered()).toBe(true);
  await uncover();
  expect(isCovered()).toBe(false);
  expect(document.getElementById('app')?.className).toBe('');
  expect(pressed).toEqual([]);
});

test('a button that was pressed too early is pressed on its own line, and one alone', async () => {
  const other = LINE('done').replace('late alarm', 'open gutters');
  show(other + LINE('done'), other + LINE('done'));
  window.pressedEarly = inFront('[data-line="late alarm"] button');
  const lines = [...document.querySelectorAll('#app [data-line]')];
  const heard = vi.fn();
  lines[1]?.addEventListener('click', heard);
  await uncover();
  await uncover();
  expect(pressed).toEqual(['done']);
  expect(heard).toHaveBeenCalledTimes(1);
});

test('what is no longer there is not pressed', async () => {
  show(LINE('done'), LINE('undo'));
  window.pressedEarly = inFront('button');
  await uncover();
  expect(pressed).toEqual([]);
});

test('the focus goes on in the page', async () => {
  show(LINE('done'), LINE('done'));
  inFront('button').focus();
  await uncover();
  expect(document.activeElement?.closest('#app')).not.toBeNull();
  expect(document.activeElement?.getAttribute('data-act')).toBe('done');
});
