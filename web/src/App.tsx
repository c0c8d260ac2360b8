import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { ConfigProvider } from 'antd';
import { lazy, Suspense, useState } from 'react';
import { BrowserRouter, Link, NavLink, Route, Routes, useLocation } from 'react-router';
import { ShelfPage } from './pages/ShelfPage';
import { useTheme } from './theme';

const BenchPage = lazy(() => import('./pages/BenchPage'));
const ClaimsPage = lazy(() => import('./pages/ClaimsPage'));
const ComparePage = lazy(() => import('./pages/ComparePage'));
const GoalsPage = lazy(() => import('./pages/GoalsPage'));
const LarderPage = lazy(() => import('./pages/LarderPage'));
const MeasuringPage = lazy(() => import('./pages/MeasuringPage'));
const PlanPage = lazy(() => import('./pages/PlanPage'));
const SafePage = lazy(() => import('./pages/SafePage'));
const SchoolsPage = lazy(() => import('./pages/SchoolsPage'));
const StockPage = lazy(() => import('./pages/StockPage'));
const StovePage = lazy(() => import('./pages/StovePage'));
const VersionPage = lazy(() => import('./pages/VersionPage'));

const client = new QueryClient({
  defaultOptions: { queries: { retry: 1, refetchOnWindowFocus: false } },
});

export function App() {
  const theme = useTheme();
  return (
    <ConfigProvider theme={theme}>
      <QueryClientProvider client={client}>
        <BrowserRouter>
          <header className="masthead">
            <Link to="/" className="brand">
              Honest Stack
            </Link>
            <Pages />
          </header>
          <Suspense fallback={<main className="page quiet">One moment …</main>}>
            <Routes>
              <Route path="/" element={<ShelfPage />} />
              <Route path="/bench/:id" element={<BenchPage />} />
              <Route path="/compare" element={<ComparePage />} />
              <Route path="/larder" element={<LarderPage />} />
              <Route path="/measuring" element={<MeasuringPage />} />
              <Route path="/goals" element={<GoalsPage />} />
              <Route path="/plan/:id" element={<PlanPage />} />
              <Route path="/stove/:version" element={<StovePage />} />
              <Route path="/claims" element={<ClaimsPage />} />
              <Route path="/safe" element={<SafePage />} />
              <Route path="/schools" element={<SchoolsPage />} />
              <Route path="/keeping" element={<StockPage />} />
              <Route path="/version/:id" element={<VersionPage />} />
              <Route
                path="*"
                element={
                  <main className="page">
                    <p>
                      There is no such page. <Link to="/">To the shelf</Link>
                    </p>
                  </main>
                }
              />
            </Routes>
          </Suspense>
          <footer className="foot-links">
            <Link to="/safe">Bin and backup</Link>
            <Link to="/schools">Ways of reckoning</Link>
          </footer>
        </BrowserRouter>
      </QueryClientProvider>
    </ConfigProvider>
  );
}

const PAGES = [
  ['/', 'Shelf'],
  ['/compare', 'Side by side'],
  ['/larder', 'Larder'],
  ['/measuring', 'Measuring'],
  ['/keeping', 'Keeping'],
  ['/goals', 'Goals'],
  ['/claims', 'Claims'],
] as const;

/** How many stand in the row where it is narrow; the others wait behind one tap. */
const ALWAYS = 3;

function Pages() {
  const [open, setOpen] = useState(false);
  const { pathname } = useLocation();
  const beyond = PAGES.slice(ALWAYS).some(([to]) => to === pathname);
  return (
    <nav aria-label="Pages" className={open ? 'open' : undefined}>
      {PAGES.map(([to, words], index) => (
        <NavLink
          key={to}
          to={to}
          end={to === '/'}
          className={index < ALWAYS ? undefined : 'further'}
          onClick={() => setOpen(false)}
        >
          {words}
        </NavLink>
      ))}
      <button
        type="button"
        className={beyond ? 'more-pages active' : 'more-pages'}
        aria-expanded={open}
        onClick={() => setOpen(!open)}
      >
        More
      </button>
    </nav>
  );
}
