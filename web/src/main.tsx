import '@fontsource/barlow/latin-400.css';
import '@fontsource/barlow/latin-500.css';
import '@fontsource/barlow/latin-600.css';
import '@fontsource/barlow-semi-condensed/latin-500.css';
import '@fontsource/barlow-semi-condensed/latin-600.css';
import '@fontsource/barlow-semi-condensed/latin-700.css';
import '@fontsource/barlow-condensed/latin-500.css';
import '@fontsource/barlow-condensed/latin-600.css';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { actingName } from './api/client';
import { languageFor } from './words/language';
import { speak } from './words/say';

const root = document.getElementById('root');
if (!root) {
  throw new Error('The page has no place for the application');
}
await speak(languageFor(actingName(), navigator.languages));
const { App } = await import('./app/App');
createRoot(root).render(
  <StrictMode>
    <App />
  </StrictMode>,
);
