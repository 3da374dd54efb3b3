import { inject, provide, type InjectionKey } from 'vue';

/** The label of a part of a drawing, in the words of whoever looks at it: its lines from the top. */
export type LabelOf = (part: string) => readonly string[];

const KEY: InjectionKey<LabelOf> = Symbol('labels of a drawing');

/** Gives the marks of a drawing their labels. */
export const giveLabels = (labelOf: LabelOf): void => {
  provide(KEY, labelOf);
};

/** The labels of the drawing one stands in. Throws outside of one: no mark stands alone. */
export function useLabels(): LabelOf {
  const labelOf = inject(KEY);
  if (!labelOf) throw new Error('a label stands outside a drawing');
  return labelOf;
}

/** Colors of lines and words: a part, an act, a danger, water or air, or what is only there for orientation. */
export type Tone = 'part' | 'do' | 'risk' | 'air' | 'soft';
