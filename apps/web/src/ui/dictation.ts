import { useEffect, useRef, useState } from 'react';

interface Heard {
  readonly results: ArrayLike<ArrayLike<object> & { readonly isFinal: boolean }>;
  readonly resultIndex: number;
}

/** What a browser offers for speech, as far as it is used here. */
interface Listener {
  lang: string;
  continuous: boolean;
  interimResults: boolean;
  onresult: ((event: Heard) => void) | null;
  onerror: ((event: { readonly error: string }) => void) | null;
  onend: (() => void) | null;
  start(): void;
  stop(): void;
  abort(): void;
}
type ListenerClass = new () => Listener;

const listenerClass = (): ListenerClass | undefined => {
  const offered = window as { SpeechRecognition?: ListenerClass; webkitSpeechRecognition?: ListenerClass };
  return offered.SpeechRecognition ?? offered.webkitSpeechRecognition;
};

/** Whether this browser can listen; where it cannot, nothing of it is shown. */
export const canListen = (): boolean => listenerClass() !== undefined;

const wentWrong: Readonly<Record<string, string>> = {
  'not-allowed': 'The browser may not use the microphone here. Allow it in its settings, or type.',
  'service-not-allowed': 'The browser may not use the microphone here. Allow it in its settings, or type.',
  'audio-capture': 'No microphone was found. Type instead.',
  network: 'Listening needs the network in this browser. Type instead.',
};

/** The words of what was heard: the only text that comes with it. */
function wordsOf(heard: object | undefined): string | undefined {
  // What a browser hands over has its fields where only this loop finds them.
  for (const field in heard) {
    const value: unknown = heard[field as keyof typeof heard];
    if (typeof value === 'string') return value.trim();
  }
  return undefined;
}

export interface Dictation {
  readonly listening: boolean;
  readonly problem: string | undefined;
  readonly toggle: () => void;
}

/** Words that are spoken into the browser, phrase by phrase; typing works all the while. */
export function useDictation(hear: (words: string) => void): Dictation {
  const [listening, setListening] = useState(false),
    [problem, setProblem] = useState<string>();
  const listener = useRef<Listener>(undefined);
  const heard = useRef(hear);
  useEffect(() => {
    heard.current = hear;
  });
  useEffect(() => () => listener.current?.abort(), []);
  const begin = () => {
    const Class = listenerClass();
    if (!Class) return;
    const one = new Class();
    one.lang = 'en';
    one.continuous = true;
    one.interimResults = false;
    one.onresult = ({ results, resultIndex }) => {
      for (let i = resultIndex; i < results.length; i++) {
        const words = results[i]?.isFinal ? wordsOf(results[i]?.[0]) : undefined;
        if (words) heard.current(words);
      }
    };
    one.onerror = ({ error }) => setProblem(wentWrong[error]);
    one.onend = () => setListening(false);
    listener.current = one;
    setProblem(undefined);
    try {
      one.start();
      setListening(true);
    } catch {
      setProblem(wentWrong.network);
    }
  };
  return { listening, problem, toggle: () => (listening ? listener.current?.stop() : begin()) };
}
