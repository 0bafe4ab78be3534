type Listener = {
  readonly onChanged: () => void;
  readonly onOpen?: () => void;
  readonly onLost?: () => void;
};

const listeners = new Set<Listener>();
let stream: EventSource | null = null;

/**
 * Hears of changes at the oven. All parts of a page share one stream: a browser keeps few of them open at a time.
 *
 * @returns how to stop listening
 */
export function listenToOven(listener: Listener): () => void {
  listeners.add(listener);
  stream ??= open();
  return () => {
    listeners.delete(listener);
    if (listeners.size > 0) return;
    stream?.close();
    stream = null;
  };
}

function open(): EventSource {
  const opened = new EventSource('/api/oven/stream');
  opened.addEventListener('changed', () => listeners.forEach(({ onChanged }) => onChanged()));
  opened.addEventListener('open', () => listeners.forEach(({ onOpen }) => onOpen?.()));
  opened.addEventListener('error', () => listeners.forEach(({ onLost }) => onLost?.()));
  return opened;
}
