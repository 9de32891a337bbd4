import {
  type Evening,
  readLabel as read,
  type ReadLabel,
  type PlannedEvening,
  planEvening,
  type Progress,
  type TaughtWord,
} from '@alterum/core';
import type { PredictResponse, WhoCanEatView } from '@alterum/contract';
import { answerForPot, type PotToPredict } from '../predict/predict-pot.js';
import { type Judgement, judgeAll } from '../who-can-eat/judge-all.js';
import { copyDatabase } from '../storage/copies.js';

/** What runs beside the thread that answers, by name; only plain values go in and out. */
export interface HeavyJobs {
  'read-label': (label: { readonly text: string; readonly taught: readonly TaughtWord[] }) => ReadLabel;
  'copy-database': (paths: { readonly file: string; readonly target: string }) => void;
  'predict-pot': (pot: PotToPredict) => PredictResponse;
  judge: (judgement: Judgement) => readonly WhoCanEatView[];
  schedule: (asked: { readonly evening: Evening; readonly progress?: Progress }) => PlannedEvening;
}

const jobs: HeavyJobs = {
  'read-label': ({ text, taught }) => read(text, taught),
  'copy-database': ({ file, target }) => copyDatabase(file, target),
  'predict-pot': answerForPot,
  judge: judgeAll,
  schedule: ({ evening, progress }) => planEvening(evening, progress),
};

/** One piece of work of a thread. */
export default function work<Name extends keyof HeavyJobs>({
  name,
  input,
}: {
  readonly name: Name;
  readonly input: Parameters<HeavyJobs[Name]>[0];
}): ReturnType<HeavyJobs[Name]> {
  return (jobs[name] as (given: typeof input) => ReturnType<HeavyJobs[Name]>)(input);
}
