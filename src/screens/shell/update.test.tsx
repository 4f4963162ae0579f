// @vitest-environment happy-dom
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { useUpdate } from './use-update';

afterEach(cleanup);

class Worker extends EventTarget {
  said: unknown[] = [];
  postMessage(message: unknown): void {
    this.said.push(message);
  }
}
/** Service workers as a browser has them: which runs, which installs and which waits is set by the test. */
class Workers extends EventTarget {
  registration = Object.assign(new EventTarget(), {
    waiting: null as Worker | null,
    installing: null as Worker | null,
  });
  ready = Promise.resolve(this.registration);
  constructor(public controller: Worker | null) {
    super();
  }
}

function Shown({ workers, reload }: { workers: Workers; reload: () => void }) {
  const { update, take } = useUpdate(workers as unknown as ServiceWorkerContainer, reload);
  return <button onClick={take}>{update}</button>;
}
const show = async (workers: Workers) => {
  const reload = vi.fn();
  render(<Shown workers={workers} reload={reload} />);
  await act(async () => workers.ready.then(() => undefined));
  return { reload, button: screen.getByRole('button') };
};

describe('a newer version', () => {
  it('is none on a first visit, though something installs and waits', async () => {
    const workers = new Workers(null);
    workers.registration.waiting = new Worker();
    const { button } = await show(workers);
    expect(button.textContent).toBe('none');
    // The first one takes over: no newer one either.
    act(() => void workers.dispatchEvent(new Event('controllerchange')));
    expect(button.textContent).toBe('none');
  });
  it('that waits already is told, and taken only on request; the page is loaded again once it runs', async () => {
    const workers = new Workers(new Worker());
    const waiting = (workers.registration.waiting = new Worker());
    const { button, reload } = await show(workers);
    expect(button.textContent).toBe('ready');
    expect(waiting.said).toEqual([]);
    fireEvent.click(button);
    expect(waiting.said).toEqual([{ type: 'SKIP_WAITING' }]);
    expect(reload).not.toHaveBeenCalled();
    act(() => void workers.dispatchEvent(new Event('controllerchange')));
    expect(reload).toHaveBeenCalledTimes(1);
  });
  it('that arrives later is told when it is installed', async () => {
    const workers = new Workers(new Worker());
    const { button } = await show(workers);
    expect(button.textContent).toBe('none');
    const coming = (workers.registration.installing = new Worker());
    act(() => void workers.registration.dispatchEvent(new Event('updatefound')));
    expect(button.textContent).toBe('none');
    workers.registration.waiting = coming;
    act(() => void coming.dispatchEvent(new Event('statechange')));
    expect(button.textContent).toBe('ready');
  });
  it('that another window took is told here, and nothing is loaded by itself', async () => {
    const workers = new Workers(new Worker());
    const { button, reload } = await show(workers);
    act(() => void workers.dispatchEvent(new Event('controllerchange')));
    expect(button.textContent).toBe('taken');
    expect(reload).not.toHaveBeenCalled();
    fireEvent.click(button);
    expect(reload).toHaveBeenCalledTimes(1);
  });
});
