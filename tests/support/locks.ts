type Held = { release: () => void; lost: (reason: Error) => void };

/** Locks as a browser keeps them: one holder a name, taken only when free, or stolen. */
export class FakeLocks {
  readonly held = new Map<string, Held>();

  request = (
    name: string,
    options: LockOptions,
    callback: (lock: object | null) => unknown,
  ): Promise<unknown> => {
    const holder = this.held.get(name);
    if (holder !== undefined && options.steal !== true) return Promise.resolve(callback(null));
    holder?.lost(new DOMException('stolen', 'AbortError'));
    return new Promise((done, lost) => {
      this.held.set(name, { release: () => undefined, lost });
      void Promise.resolve(callback({ name })).then((value) => {
        this.held.delete(name);
        done(value);
      });
    });
  };
}
