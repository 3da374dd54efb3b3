import './noCodeFromText.ts';
import { readStationFile } from '../../adapters/stationSeries.ts';
import { stationQuestionSchema } from './stationSeries.ts';

// Years of days are read and worked out here, so that the page stays awake.
self.addEventListener('message', ({ data }: MessageEvent<unknown>) => {
  const { text, hemisphere } = stationQuestionSchema.parse(data);
  self.postMessage(readStationFile(text, hemisphere));
});
