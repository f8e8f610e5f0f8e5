import { screen } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import { show } from '../test/testing';
import { appWords } from '../words/page/app';
import { PageProblem } from './PageProblem';

it('says that a page could not be loaded, and offers to load it again', () => {
  const logged = vi.spyOn(console, 'error').mockImplementation(() => undefined);
  const Missing = () => {
    throw new TypeError('Failed to fetch dynamically imported module');
  };
  show(
    <PageProblem>
      <Missing />
    </PageProblem>,
  );
  expect(screen.getByRole('alert').textContent).toContain(appWords.pageNotFetched());
  expect(screen.getByRole('button', { name: appWords.loadAgain() })).toBeDefined();
  logged.mockRestore();
});
