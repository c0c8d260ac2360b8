import '@fontsource-variable/commissioner';
import '@fontsource-variable/vollkorn';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { App } from './App';
import './styles.css';
import './print.css';
import './ui/lines.css';
import './ui/measuring.css';
import './features/griddle/griddle.css';
import './features/bench/bench.css';
import './features/compare/compare.css';
import './features/goals/goals.css';
import './features/larder/larder.css';
import './features/shelf/shelf.css';
import './features/stack/stack.css';
import './features/tally/tally.css';
import './features/trail/trail.css';

const root = document.getElementById('root');
if (root) {
  createRoot(root).render(
    <StrictMode>
      <App />
    </StrictMode>,
  );
}
