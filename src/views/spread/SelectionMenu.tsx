import { cellsText } from '@/core/exchange';
import type { CellBlock } from '@/core/source';
import { Button, counted, type PageSelection } from '@/ui';

interface SelectionMenuProps {
  readonly selection: PageSelection;
  /** The cells that are meant, where the selection lies in a table. */
  readonly block: CellBlock | null;
  readonly offset: number;
  readonly onKeep: () => void;
  readonly onAsk: (() => void) | undefined;
  readonly onLike: (() => void) | undefined;
  readonly onCheck: (() => void) | undefined;
}

/** What can be done with text selected on the page. Pressing must not take the selection away before it is used. */
export function SelectionMenu({ selection, block, offset, onKeep, onAsk, onLike, onCheck }: SelectionMenuProps) {
  return (
    <div
      role="toolbar"
      aria-label="Selected text"
      className="absolute z-20 flex w-max gap-2 rounded-[3px] border border-accent bg-leaf px-2 py-1"
      style={{ left: `clamp(0px, ${selection.x + offset - 90}px, calc(100% - 23rem))`, top: selection.y + 6 }}
      onMouseDown={(event) => event.preventDefault()}
    >
      <Button onClick={onKeep}>Keep</Button>
      {onAsk !== undefined && <Button onClick={onAsk}>Ask about this</Button>}
      {onLike !== undefined && block === null && <Button onClick={onLike}>Find its like</Button>}
      {block === null ? (
        onCheck !== undefined && <Button onClick={onCheck}>Check</Button>
      ) : (
        <Button onClick={() => void navigator.clipboard.writeText(cellsText(block))}>
          Copy {counted(block.rows.length * block.columns.length, 'cell')}
        </Button>
      )}
    </div>
  );
}
