import { asRecord, readKept } from '../parts/kept.ts';
import type { Moment } from '@kestrel-ridge/core/quantity';
import type { RunView } from '@kestrel-ridge/core/run';
import type { TaskAbout } from '@kestrel-ridge/core/session';
import { Button } from 'antd';
import { useEffect, useRef, useState } from 'react';
import { dueWords } from './dueWords.ts';

const KEY = 'kestrel-ridge.announce';

interface Wanted {
  readonly sound: boolean;
  readonly speech: boolean;
}

const keptWanted = (): Wanted =>
  readKept(KEY, (value) => {
    const { sound, speech } = asRecord(value) ?? {};
    return { sound: sound !== false, speech: speech === true };
  }) ?? { sound: true, speech: false };

/** Two short tones, low and high: heard beside a running tap. */
function ring(): void {
  try {
    const audio = new AudioContext();
    [440, 660].forEach((hertz, n) => {
      const tone = audio.createOscillator();
      const loudness = audio.createGain();
      const at = audio.currentTime + n * 0.28;
      tone.frequency.value = hertz;
      loudness.gain.setValueAtTime(0.25, at);
      loudness.gain.exponentialRampToValueAtTime(0.001, at + 0.25);
      tone.connect(loudness).connect(audio.destination);
      tone.start(at);
      tone.stop(at + 0.26);
    });
    setTimeout(() => void audio.close(), 1000);
  } catch {
    // No sound device: the screen says it too.
  }
}

const speak = (words: string): void => {
  if (!('speechSynthesis' in globalThis)) return;
  const line = new SpeechSynthesisUtterance(words);
  line.lang = 'en';
  speechSynthesis.speak(line);
};

/** Says what is due, by a sound and a spoken line, each as the cook wants it. What is said is on the screen as well. */
export function Announce({
  view,
  about,
  now,
}: {
  view: RunView;
  about: Readonly<Record<string, TaskAbout>>;
  now: Moment;
}) {
  const [wanted, setWanted] = useState(keptWanted);
  const told = useRef<Set<string>>(new Set());
  const first = useRef(true);
  useEffect(() => {
    const due = dueWords(view, now, about, told.current);
    // What is not due any more may be told again when it is.
    told.current = new Set([
      ...view.clocks.filter(({ status }) => status === 'due').map(({ id }) => id),
      ...view.toStart.filter(({ start }) => start <= now).map(({ id }) => id),
    ]);
    // A page that is opened in the middle of a run does not shout about what was due before.
    if (first.current) {
      first.current = false;
      return;
    }
    if (due.length === 0) return;
    if (wanted.sound) ring();
    if (wanted.speech) for (const { words } of due) speak(words);
  }, [view, about, now, wanted]);
  const toggle = (what: keyof Wanted) => {
    const next = { ...wanted, [what]: !wanted[what] };
    localStorage.setItem(KEY, JSON.stringify(next));
    setWanted(next);
    if (next[what]) {
      if (what === 'sound') ring();
      else speak('I will say what is due.');
    }
  };
  return (
    <span className="announce">
      {(['sound', 'speech'] as const).map((what) => (
        <Button key={what} size="small" aria-pressed={wanted[what]} onClick={() => toggle(what)}>
          {what} {wanted[what] ? 'on' : 'off'}
        </Button>
      ))}
    </span>
  );
}
