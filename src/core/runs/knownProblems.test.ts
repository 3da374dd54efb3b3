import { describe, expect, it } from 'vitest';
import { PRACTICES } from '../catalogue/catalogue.ts';
import { assetKindSchema } from '../basics/assetKind.ts';
import { knownProblems } from './knownProblems.ts';

describe('the problems a thing is known for', () => {
  it('a dripping faucet leads to its washer', () => {
    expect(knownProblems('sink', PRACTICES)).toContainEqual({
      trigger: 'tap-drip',
      repairs: ['tap-washer-replace'],
    });
  });

  it('one with several remedies names them all, in the order they are tried', () => {
    expect(knownProblems('door', PRACTICES)).toContainEqual({
      trigger: 'worn-seal',
      repairs: ['weatherstrip-fit', 'door-sweep-replace'],
    });
  });

  it('every repair that something sets off is reached from a thing of the kind it is done to', () => {
    const reached = new Set(
      assetKindSchema.options.flatMap((kind) =>
        knownProblems(kind, PRACTICES).flatMap(({ repairs }) => [...repairs]),
      ),
    );
    const responses = PRACTICES.filter(({ kind, triggers }) => kind === 'response' && triggers.length > 0);
    expect(responses.map(({ code }) => code).filter((code) => !reached.has(code))).toEqual([]);
  });
});
