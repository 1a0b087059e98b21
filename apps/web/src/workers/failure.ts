/** A worker that failed to load or threw outside a call would otherwise leave its caller waiting for ever. */
export function failure(worker: Worker, what: string): Promise<never> {
  return new Promise((_resolve, reject) => {
    worker.addEventListener('error', (event) =>
      reject(new Error(event.message || `The ${what} worker could not be started.`)),
    );
  });
}
