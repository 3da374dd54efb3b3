/** As many letters as a label of a thing holds in a line. */
const WIDE = 14;

const cut = (text: string): string => (text.length > WIDE ? `${text.slice(0, WIDE - 1).trimEnd()}…` : text);

/** A name in one or two short lines; what does not fit is cut, and the whole of it is read aloud and stands in the panel. */
export function labelLines(name: string): readonly string[] {
  if (name.length <= WIDE) return [name];
  const words = name.split(' ');
  let first = words.shift() ?? '';
  while (words[0] !== undefined && `${first} ${words[0]}`.length <= WIDE) first += ` ${words.shift() ?? ''}`;
  const rest = words.join(' ');
  return rest === '' ? [cut(first)] : [cut(first), cut(rest)];
}
