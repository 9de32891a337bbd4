import { Mic, MicOff } from 'lucide-react';
import { canListen, useDictation } from './dictation';

interface DictateProps {
  readonly label: string;
  readonly hear: (words: string) => void;
}

/** Speaks into a field, in browsers that can listen; in others there is nothing. */
export function DictateButton({ label, hear }: DictateProps) {
  const { listening, problem, toggle } = useDictation(hear);
  if (!canListen()) return null;
  const Icon = listening ? MicOff : Mic;
  return (
    <>
      <button
        type="button"
        aria-label={label}
        aria-pressed={listening}
        title={listening ? 'Stop listening' : label}
        onClick={toggle}
        className={`tap-coarse grid size-8 shrink-0 place-items-center rounded-md hover:bg-dip ${listening ? 'bg-rim text-on-rim' : 'text-soft'}`}
      >
        <Icon size={17} aria-hidden />
      </button>
      <span role="status" className={problem ? 'text-[13px] text-ask' : 'sr-only'}>
        {problem ?? (listening ? 'Listening' : '')}
      </span>
    </>
  );
}
