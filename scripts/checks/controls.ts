import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

// Every control of the interface is the library's, but those listed here, each with its reason.
const REASONS: Readonly<Record<string, string>> = {
  'src/web/kit/PhotoField.vue <input>': 'the library’s upload cannot ask for the camera',
  'src/web/views/walk/PlanMonths.vue <table>': 'twelve bars, one a month: a drawing with its numbers',
  'src/web/views/almanac/SeasonTable.vue <table>': 'its rows are the fields of a form',
  'src/web/views/almanac/DaysTable.vue <table>': 'ten days with a sign each; it fits a phone',
  'src/web/views/bench/BandTable.vue <table>': 'three narrow columns: the bands of one measurement',
  'src/web/parts/schedule/SchoolTable.vue <table>': 'its rows are the circles of one choice',
};
/** Elements the library has a control for, and what else makes a control by hand. */
const HAND_MADE =
  /<(input|select|textarea|button|dialog|progress|meter|table)\b|role="(dialog|tab|tablist|menu|menuitem|listbox|option|switch|slider|combobox)"/g;

const pages = readdirSync('src/web', { recursive: true, encoding: 'utf8' })
  .filter((file) => file.endsWith('.vue'))
  .map((file) => join('src/web', file));
const found = pages.flatMap((file) => {
  const text = readFileSync(file, 'utf8');
  const template = text.slice(text.indexOf('<template>'), text.lastIndexOf('</template>'));
  const kinds = [...template.matchAll(HAND_MADE)].map(([whole, element]) =>
    element === undefined ? whole : `<${element}>`,
  );
  return [...new Set(kinds)].map((kind) => `${file.replaceAll('\\', '/')} ${kind}`);
});
const faults = [
  ...found
    .filter((one) => REASONS[one] === undefined)
    .map((one) => `${one}: the library has a control for it`),
  ...Object.keys(REASONS)
    .filter((one) => !found.includes(one))
    .map((one) => `${one} is no longer there: take it off the list`),
];
for (const fault of faults) process.stderr.write(`${fault}\n`);
process.exitCode = faults.length === 0 ? 0 : 1;
