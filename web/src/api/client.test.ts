import { afterEach, describe, expect, it, vi } from 'vitest';
import { actingName, api, keepActingName, Problem, unwrap } from './client';
import { appWords } from '../words/page/app';

describe('answers of the server', () => {
  afterEach(() => vi.unstubAllGlobals());

  const answer = (status: number, body: unknown) =>
    unwrap(
      Promise.resolve({
        data: status < 300 ? body : undefined,
        error: status < 300 ? undefined : body,
        response: new Response(null, { status }),
      }),
    );

  it('are their data', async () => {
    expect(await answer(200, { name: 'Runa' })).toEqual({ name: 'Runa' });
  });

  it('or a problem with its sentence, field and whatever came with it', async () => {
    const problem = await answer(409, {
      detail: 'Changed meanwhile by Marten.',
      field: 'version',
      current: { version: 2 },
    }).catch((caught: unknown) => caught as Problem);
    expect(problem).toBeInstanceOf(Problem);
    expect(problem).toMatchObject({
      status: 409,
      message: 'Changed meanwhile by Marten.',
      field: 'version',
      more: { current: { version: 2 } },
    });
  });

  it('or a sentence where the server cannot be reached or talks nonsense', async () => {
    await expect(unwrap(Promise.reject(new TypeError('failed')))).rejects.toThrow(
      appWords.theServerCantBeReachedWhat(),
    );
    await expect(answer(500, '<html>')).rejects.toThrow(appWords.theServerDidNotUnderstandThis());
  });

  it('are asked in the name that was picked, whatever its letters', async () => {
    keepActingName('Åsa');
    expect(actingName()).toBe('Åsa');
    const fetched = vi.fn<(asked: Request) => Promise<Response>>(() =>
      Promise.resolve(Response.json({ name: 'x', people: [] })),
    );
    vi.stubGlobal('fetch', fetched);
    await unwrap(api.GET('/api/shop', { baseUrl: 'http://localhost', fetch: fetched }));
    const request = fetched.mock.calls[0]?.[0];
    expect(decodeURIComponent(request?.headers.get('X-Acting-As') ?? '')).toBe('Åsa');
  });
});
