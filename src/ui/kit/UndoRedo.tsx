import { Redo2, Undo2 } from 'lucide-react';
import type { ReactNode } from 'react';
import { Button } from './Button';

type UndoRedoProps = {
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  readonly undo: () => void;
  readonly redo: () => void;
};

/** Walks the changes, back and forth. */
export const UndoRedo = ({ canUndo, canRedo, undo, redo }: UndoRedoProps): ReactNode => (
  <>
    <Button disabled={!canUndo} onClick={undo} aria-keyshortcuts="Control+Z">
      <Undo2 aria-hidden size={16} /> <span className="max-sm:sr-only">Undo</span>
    </Button>
    <Button disabled={!canRedo} onClick={redo} aria-keyshortcuts="Control+Y">
      <Redo2 aria-hidden size={16} /> <span className="max-sm:sr-only">Redo</span>
    </Button>
  </>
);
