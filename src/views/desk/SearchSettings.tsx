import type { ReactNode } from 'react';
import { DEFAULT_SETTINGS, SETTING_LIMITS, type AskSettings } from '@/core/answer';

interface SearchSettingsProps {
  readonly settings: AskSettings;
  readonly onChange: (change: Partial<AskSettings>) => void;
}

/** How documents are cut into passages, how many are read for an answer, and how much another wording counts. */
export function SearchSettings({ settings, onChange }: SearchSettingsProps) {
  const { passages, breadth, paraphrase } = settings;
  return (
    <div>
      <Counted
        name="Words of a passage"
        about="Longer passages bring more of what stands around a find; shorter ones point closer and split long clauses. The documents are indexed anew."
        usual={DEFAULT_SETTINGS.passages.maxWords}
        value={passages.maxWords}
        limits={SETTING_LIMITS.maxWords}
        onChange={(maxWords) =>
          onChange({ passages: { ...passages, maxWords, minWords: Math.min(passages.minWords, maxWords) } })
        }
      />
      <Counted
        name="Sentences repeated"
        about="How many sentences a passage repeats of the one before it: of use where what is asked spreads over two sentences. The index grows by as much."
        usual={DEFAULT_SETTINGS.passages.overlap}
        value={passages.overlap}
        limits={SETTING_LIMITS.overlap}
        onChange={(overlap) => onChange({ passages: { ...passages, overlap } })}
      />
      <Counted
        name="Passages read for an answer"
        about="More of them may find what is worded quite otherwise, and bring in more that only sounds like it; answers take longer."
        usual={DEFAULT_SETTINGS.breadth}
        value={breadth}
        limits={SETTING_LIMITS.breadth}
        onChange={(next) => onChange({ breadth: next })}
      />
      <Row
        name="Weight of another wording"
        about="How much a word counts that stands for one asked: nothing at the left, where only the words asked are looked for. It never counts as much as the word itself."
        usual={inWords(DEFAULT_SETTINGS.paraphrase)}
      >
        <span className="flex items-center gap-2">
          <input
            type="range"
            aria-label="Weight of another wording"
            min={SETTING_LIMITS.paraphrase[0]}
            max={SETTING_LIMITS.paraphrase[1]}
            step={0.25}
            value={paraphrase}
            aria-valuetext={inWords(paraphrase)}
            onChange={(event) => onChange({ paraphrase: Number(event.target.value) })}
            className="w-32 accent-[var(--accent)]"
          />
          <span className="w-12 text-right tabular-nums">{inWords(paraphrase)}</span>
        </span>
      </Row>
    </div>
  );
}

function inWords(weight: number): string {
  return weight === 0 ? 'none' : `× ${weight}`;
}

function Row(props: {
  readonly name: string;
  readonly about: string;
  readonly usual: string;
  readonly children: ReactNode;
}) {
  const { name, about, usual, children } = props;
  return (
    <div className="flex items-start gap-6 border-b border-rule/60 py-2.5 last:border-b-0">
      <div className="min-w-0 flex-1">
        <p className="font-semibold">{name}</p>
        <p className="text-[13px] text-muted">{about}</p>
      </div>
      <div className="w-52 text-right">
        {children}
        <p className="pt-0.5 text-[12px] text-muted">as it came: {usual}</p>
      </div>
    </div>
  );
}

interface CountedProps {
  readonly name: string;
  readonly about: string;
  readonly usual: number;
  readonly value: number;
  readonly limits: readonly [number, number];
  readonly onChange: (value: number) => void;
}

/** A setting that is a whole number within limits; what is typed counts when the field is left. */
function Counted({ name, about, usual, value, limits: [least, most], onChange }: CountedProps) {
  return (
    <Row name={name} about={about} usual={String(usual)}>
      <input
        key={value}
        type="number"
        aria-label={name}
        min={least}
        max={most}
        defaultValue={value}
        onBlur={(event) => onChange(Math.round(Math.min(most, Math.max(least, Number(event.target.value) || least))))}
        className="w-20 rounded-[3px] border border-rule bg-ground px-2 py-1 text-right tabular-nums"
      />
    </Row>
  );
}
