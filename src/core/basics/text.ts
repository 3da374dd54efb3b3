import { z } from 'zod';

/** A NUL, which no text column holds, or half of a surrogate pair, which no UTF-8 can write. */
const NOT_TEXT = /[\0\p{Cs}]/u;

/** Whether every character of a text can be stored and sent on. */
export const isPlainText = (text: string): boolean => !NOT_TEXT.test(text);

/** Text that someone typed: the beginning of every schema that takes free text. */
export const text = () =>
  z.string().refine(isPlainText, {
    params: { problem: 'plain-text' },
    message: 'must be text without NUL characters and halves of characters',
  });
