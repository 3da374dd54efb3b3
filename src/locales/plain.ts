import {
  compile,
  createCoreContext,
  fallbackWithLocaleChain,
  registerLocaleFallbacker,
  registerMessageCompiler,
  registerMessageResolver,
  resolveValue,
  translate,
} from '@intlify/core-base';
import type { Vocabulary } from '../core/house/house.ts';
import { enGB } from './en-GB.ts';
import { enUS } from './en-US.ts';
import type { Translate } from './speech.ts';

registerMessageCompiler(compile);
registerMessageResolver(resolveValue);
registerLocaleFallbacker(fallbackWithLocaleChain);

/** The sentences for a program without a page, such as the command line. */
export function plainTranslate(locale: Vocabulary): Translate {
  const context = createCoreContext({
    locale,
    fallbackLocale: 'en-US',
    messages: { 'en-US': enUS, 'en-GB': enGB },
    missingWarn: true,
    fallbackWarn: false,
  });
  return (key, named = {}, plural = 1) => {
    const text = translate(context, key, named, { plural });
    return typeof text === 'string' ? text : key;
  };
}
