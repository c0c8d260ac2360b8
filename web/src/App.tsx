import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { ConfigProvider } from 'antd';
import { lazy, Suspense } from 'react';
import { BrowserRouter, Link, NavLink, Route, Routes } from 'react-router';
import { ShelfPage } from './pages/ShelfPage';
import { useTheme } from './theme';

const BenchPage = lazy(() => import('./pages/BenchPage'));
const ClaimsPage = lazy(() => import('./pages/ClaimsPage'));
const ComparePage = lazy(() => import('./pages/ComparePage'));
const GoalsPage = lazy(() => import('./pages/GoalsPage'));
const LarderPage = lazy(() => import('./pages/LarderPage'));
const MeasuringPage = lazy(() => import('./pages/MeasuringPage'));
const PlanPage = lazy(() => import('./pages/PlanPage'));
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
            <nav aria-label="Pages">
              <NavLink to="/" end>
                Shelf
              </NavLink>
              <NavLink to="/compare">Side by side</NavLink>
              <NavLink to="/larder">Larder</NavLink>
              <NavLink to="/measuring">Measuring</NavLink>
              <NavLink to="/keeping">Keeping</NavLink>
              <NavLink to="/goals">Goals</NavLink>
              <NavLink to="/claims">Claims</NavLink>
            </nav>
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
        </BrowserRouter>
      </QueryClientProvider>
    </ConfigProvider>
  );
}
