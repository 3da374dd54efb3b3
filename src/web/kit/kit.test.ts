// @vitest-environment happy-dom
import { flushPromises } from '@vue/test-utils';
import Button from 'primevue/button';
import InputText from 'primevue/inputtext';
import { afterEach, describe, expect, test, vi } from 'vitest';
import { defineComponent, h, ref, type VNode } from 'vue';
import { z } from 'zod';
import { ApiError } from '../device/errors.ts';
import SchemaForm from '../parts/form/SchemaForm.vue';
import KitDrawer from './KitDrawer.vue';
import KitField from './KitField.vue';
import KitMenu from './KitMenu.vue';
import KitTable from './KitTable.vue';
import KitToasts from './KitToasts.vue';
import { useSaying } from '../composables/useSaying.ts';
import { button, mounted, node } from '../../../test/support/mounted.ts';

const open: { unmount: () => void }[] = [];
const show = (render: () => VNode) => {
  const wrapper = mounted(render);
  open.push(wrapper);
  return wrapper;
};
afterEach(() => {
  for (const wrapper of open.splice(0)) wrapper.unmount();
  document.body.innerHTML = '';
  vi.unstubAllGlobals();
});

describe('a form over a schema', () => {
  const schema = z.object({ name: z.string().min(2), email: z.email() });
  const form = (send: (values: z.output<typeof schema>) => Promise<void>) =>
    show(() =>
      node(
        SchemaForm,
        { schema, initial: { name: '', email: 'lin@example.org' }, send },
        {
          default: () =>
            (['name', 'email'] as const).map((name) =>
              node(
                KitField,
                { name, label: name },
                {
                  default: ({ control }: { control: object }) => h(InputText, control),
                },
              ),
            ),
          actions: ({ busy }: { busy: boolean }) =>
            h(Button, { type: 'submit', label: 'Save', loading: busy }),
        },
      ),
    );
  const type = async (name: string, text: string): Promise<void> => {
    const input = document.querySelector<HTMLInputElement>(`input[name=${name}]`);
    if (!input) throw new Error(`no field ${name}`);
    input.value = text;
    input.dispatchEvent(new Event('input'));
    await flushPromises();
  };
  const save = async (): Promise<void> => {
    document.querySelector('form')?.dispatchEvent(new Event('submit', { cancelable: true }));
    await flushPromises();
  };
  const wrongAt = (name: string): string => {
    const input = document.querySelector(`input[name=${name}]`);
    const ids = (input?.getAttribute('aria-describedby') ?? '').split(' ');
    return ids.map((id) => document.getElementById(id)?.textContent ?? '').join('');
  };

  test('says under the field what would be right, keeps what was typed and sends nothing', async () => {
    const send = vi.fn(() => Promise.resolve());
    form(send);
    await type('name', 'L');
    await save();
    expect(wrongAt('name')).toContain('2');
    expect(document.querySelector('input[name=name]')?.getAttribute('aria-invalid')).toBe('true');
    expect(wrongAt('email')).toBe('');
    expect(document.querySelector<HTMLInputElement>('input[name=name]')?.value).toBe('L');
    expect(send).not.toHaveBeenCalled();
  });

  test('sends what the schema makes of it, once however often it is pressed', async () => {
    let finish = (): void => undefined;
    const send = vi.fn(() => new Promise<void>((resolve) => (finish = resolve)));
    form(send);
    await type('name', 'Lin');
    await save();
    await save();
    finish();
    await flushPromises();
    expect(send.mock.calls).toEqual([[{ name: 'Lin', email: 'lin@example.org' }]]);
  });

  test('shows under its field what the server refused', async () => {
    form(() => Promise.reject(new ApiError({ code: 'email-taken', field: 'email', logId: 'x' })));
    await type('name', 'Lin');
    await save();
    expect(wrongAt('email')).not.toBe('');
    await type('name', 'Linn');
    expect(document.querySelector<HTMLInputElement>('input[name=email]')?.value).toBe('lin@example.org');
  });
});

describe('panels', () => {
  test('a menu offers its acts and does the one that is chosen', async () => {
    const skip = vi.fn();
    show(() => node(KitMenu, { label: 'More', acts: [{ label: 'Skip this time', act: skip }] }));
    expect(button('More').getAttribute('aria-haspopup')).toBe('menu');
    button('More').click();
    await flushPromises();
    const item = [...document.querySelectorAll<HTMLElement>('[role=menuitem] [data-pc-section=itemcontent]')];
    expect(item.map(({ textContent }) => textContent.trim())).toEqual(['Skip this time']);
    item[0]?.click();
    expect(skip).toHaveBeenCalledOnce();
  });

  test('a drawer names itself and closes by its button', async () => {
    const shown = ref(true);
    show(() =>
      node(
        KitDrawer,
        {
          open: shown.value,
          title: 'Steps',
          closeLabel: 'Close',
          'onUpdate:open': (is: boolean) => (shown.value = is),
        },
        { default: () => 'Turn it off' },
      ),
    );
    await flushPromises();
    expect(document.querySelector('[role=complementary], [role=dialog]')?.textContent).toContain(
      'Turn it off',
    );
    button('Close').click();
    await flushPromises();
    expect(shown.value).toBe(false);
  });

  test('a toast says what was done and undoes it', async () => {
    const undo = vi.fn();
    const Saying = defineComponent(() => {
      const say = useSaying();
      return () =>
        h(Button, {
          label: 'Skip',
          onClick: () => {
            say({ text: 'Skipped.', offer: { label: 'Undo', act: undo } });
          },
        });
    });
    show(() => h('div', [h(Saying), node(KitToasts, { closeLabel: 'Close' })]));
    button('Skip').click();
    await flushPromises();
    expect(document.querySelector('[role=status]')?.textContent).toBe('Skipped.');
    button('Undo').click();
    expect(undo).toHaveBeenCalledOnce();
  });
});

describe('a table', () => {
  const table = (wide: boolean, rows: readonly object[]) => {
    vi.stubGlobal('matchMedia', () => ({
      matches: wide,
      addEventListener: () => undefined,
      removeEventListener: () => undefined,
    }));
    return show(() =>
      node(
        KitTable,
        {
          rows,
          rowKey: 'id',
          label: 'Tasks',
          empty: 'No tasks yet.',
          columns: [
            { field: 'task', head: 'Task', sortable: true },
            { field: 'times', head: 'Times', number: true },
          ],
        },
        { line: ({ row }: { row: { task: string } }) => `line ${row.task}` },
      ),
    );
  };
  const ROWS = [
    { id: 'a', task: 'Sweep', times: 2 },
    { id: 'b', task: 'Clean', times: 6 },
  ];

  test('is a table where there is room, sorted by a tap on a head', async () => {
    table(true, ROWS);
    await flushPromises();
    const first = () => document.querySelector('tbody tr td')?.textContent;
    expect(document.querySelector('table')?.getAttribute('aria-label')).toBe('Tasks');
    expect(first()).toBe('Sweep');
    document.querySelector<HTMLElement>('th')?.click();
    await flushPromises();
    expect(first()).toBe('Clean');
  });

  test('is a list of the same rows where there is none, and says so when it is empty', async () => {
    table(false, ROWS);
    await flushPromises();
    expect(document.querySelector('table')).toBeNull();
    expect([...document.querySelectorAll('li')].map(({ textContent }) => textContent)).toEqual([
      'line Sweep',
      'line Clean',
    ]);
    table(false, []);
    expect(document.body.textContent).toContain('No tasks yet.');
  });
});
