import { isRouteErrorResponse, Link, useRouteError } from 'react-router';

const words = (error: unknown): string => {
  if (isRouteErrorResponse(error)) return error.status === 404 ? 'There is no such page.' : error.statusText;
  return error instanceof Error ? error.message : String(error);
};

/** What stands in the place of a page that failed. Nothing that was saved is touched. */
export function ErrorPage() {
  const error = useRouteError();
  return (
    <main style={{ padding: 32, maxWidth: 560 }}>
      <h1>This page did not open</h1>
      <p>{words(error)}</p>
      <p>Your jobs are saved in this browser and are as you left them.</p>
      <p>
        <button
          type="button"
          className="act"
          onClick={() => {
            window.location.reload();
          }}
        >
          Load it again
        </button>{' '}
        <Link className="act" to="/">
          Back to the jobs
        </Link>
      </p>
    </main>
  );
}
