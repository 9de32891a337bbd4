import { readLabel as read, type ReadLabel } from '@alterum/core';
import { copyDatabase } from '../storage/copies.js';

/** What runs beside the thread that answers, by name; only plain values go in and out. */
export interface HeavyJobs {
  'read-label': (text: string) => ReadLabel;
  'copy-database': (paths: { readonly file: string; readonly target: string }) => void;
}

const jobs: HeavyJobs = {
  'read-label': (text) => read(text),
  'copy-database': ({ file, target }) => copyDatabase(file, target),
};

/** One piece of work of a thread. */
export default function work<Name extends keyof HeavyJobs>({ name, input }: { readonly name: Name; readonly input: Parameters<HeavyJobs[Name]>[0] }): ReturnType<HeavyJobs[Name]> {
  return (jobs[name] as (given: typeof input) => ReturnType<HeavyJobs[Name]>)(input);
} // prettier-ignore
