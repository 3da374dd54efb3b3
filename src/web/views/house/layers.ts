/** The subjects a drawing of the house can be looked at for. */
export const LAYERS = ['due', 'alarms', 'shutoffs', 'shut'] as const;
export type Layer = (typeof LAYERS)[number];
