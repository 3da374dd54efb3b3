import { readdirSync, readFileSync } from 'node:fs';

// npm run sentences: the sentences of the docs that are longer than anyone reads at once, the longest first, and the median of each page.
const MOST_WORDS = 25;
const MADE_BY_PROGRAMS = ['docs/catalogue.md'];

/** The prose of a page: no code, no tables, no headings; each list item is a paragraph of its own. */
function paragraphsOf(markdown: string): string[] {
  const prose = markdown.replaceAll(/```[\s\S]*?```/g, '\n\n').replaceAll(/^( *)([-*]|\d+\.) /gm, '\n\n');
  return prose
    .split(/\n\s*\n/)
    .map((paragraph) => paragraph.replaceAll(/\s+/g, ' ').trim())
    .filter((paragraph) => paragraph !== '' && !/^[#|!]/.test(paragraph));
}

const sentencesOf = (paragraph: string): string[] => paragraph.split(/(?<=[.:?!])\s+(?=[A-Z“"*`[])/);

/** Words of a sentence; a name in code or the text of a link counts as one. */
const wordsOf = (sentence: string): number =>
  sentence
    .replaceAll(/`[^`]*`/g, 'code')
    .replaceAll(/\[([^\]]*)\]\([^)]*\)/g, 'link')
    .split(/\s+/)
    .filter((word) => /\w/.test(word)).length;

const median = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;

const pages = ['README.md', ...readdirSync('docs').map((name) => `docs/${name}`)].filter(
  (path) => path.endsWith('.md') && !MADE_BY_PROGRAMS.includes(path),
);
for (const path of pages) {
  const sentences = paragraphsOf(readFileSync(path, 'utf8')).flatMap(sentencesOf);
  const counted = sentences.map((sentence) => ({ sentence, words: wordsOf(sentence) }));
  const long = counted.filter(({ words }) => words > MOST_WORDS).sort((a, b) => b.words - a.words);
  const middle = median(counted.map(({ words }) => words));
  console.log(
    `${path}: ${sentences.length} sentences, median ${middle} words, ${long.length} over ${MOST_WORDS}`,
  );
  for (const { sentence, words } of long) console.log(`  ${words}  ${sentence}`);
}
