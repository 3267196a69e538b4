import { Button, type PageSelection } from '@/ui';

interface SelectionMenuProps {
  readonly selection: PageSelection;
  readonly offset: number;
  readonly onKeep: () => void;
  readonly onAsk: () => void;
  readonly onCheck: () => void;
}

/** What can be done with text selected on the page. Pressing must not take the selection away before it is used. */
export function SelectionMenu({ selection, offset, onKeep, onAsk, onCheck }: SelectionMenuProps) {
  return (
    <div
      role="toolbar"
      aria-label="Selected text"
      className="absolute z-20 flex gap-2 rounded-[3px] border border-accent bg-leaf px-2 py-1"
      style={{ left: Math.max(0, selection.x + offset - 90), top: selection.y + 6 }}
      onMouseDown={(event) => event.preventDefault()}
    >
      <Button onClick={onKeep}>Keep</Button>
      <Button onClick={onAsk}>Ask about this</Button>
      <Button onClick={onCheck}>Check</Button>
    </div>
  );
}
