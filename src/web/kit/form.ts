import type { InjectionKey } from 'vue';
import type { z } from 'zod';

/** The errors of a form's fields: the sentence under a field, found in the page or told by the server. */
export interface FormErrors {
  errorOf(name: string, issues: readonly z.core.$ZodIssue[] | undefined): string | undefined;
}

export const FORM: InjectionKey<FormErrors> = Symbol('form');
