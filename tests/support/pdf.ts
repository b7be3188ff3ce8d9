/** Own properties of what the language brings, of its classes and of their prototypes. */
const builtIns = (): readonly (readonly [holder: object, key: PropertyKey, was: PropertyDescriptor])[] =>
  Object.getOwnPropertyNames(globalThis)
    .filter((name) => /^[A-Z]/.test(name))
    .map((name): unknown => Reflect.get(globalThis, name))
    .filter((value) => value instanceof Object)
    .flatMap((value) => {
      const prototype: unknown = Reflect.get(value, 'prototype');
      return prototype instanceof Object ? [value, prototype] : [value];
    })
    .flatMap((holder) =>
      Reflect.ownKeys(holder).flatMap((key) => {
        const was = Reflect.getOwnPropertyDescriptor(holder, key);
        return was?.configurable === true ? [[holder, key, was] as const] : [];
      }),
    );

/**
 * The reader of PDF. For old browsers it puts parts of the language anew, writing of JSON and pushing to a list among them,
 * five times slower: what was there before is put back, or every test after it in the same process would be slow.
 */
export async function pdfReader() {
  const before = builtIns();
  const reader = await import('pdfjs-dist/legacy/build/pdf.mjs');
  // Read here rather than with the first document, which would put them anew once more.
  const worker: string = 'pdfjs-dist/legacy/build/pdf.worker.mjs';
  await import(worker);
  for (const [holder, key, was] of before) Reflect.defineProperty(holder, key, was);
  return reader;
}
