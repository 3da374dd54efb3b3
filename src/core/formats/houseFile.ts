import { FAULTS, findFaults } from './houseFaults.ts';
import { houseFileShape } from './houseFileShape.ts';

/** One house with its whole ledger. Besides the shape, every id must be unique, every reference must lead somewhere and every correction must be one that may be made. */
export const houseFileSchema = houseFileShape
  .superRefine((file, context) => {
    for (const { path, problem } of findFaults(file))
      context.addIssue({ code: 'custom', path, params: { problem }, message: FAULTS[problem] });
  })
  .meta({ id: 'HouseFile', title: 'Salt Ledger house file, version 1' });
