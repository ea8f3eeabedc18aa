import '@testing-library/jest-dom';
import { configure } from '@testing-library/react';

class QuietObserver {
  observe(): void {}
  unobserve(): void {}
  disconnect(): void {}
}

Object.assign(window, {
  ResizeObserver: QuietObserver,
  matchMedia: (query: string) => ({
    matches: false,
    media: query,
    addEventListener: () => {},
    removeEventListener: () => {},
  }),
});
Object.assign(Element.prototype, {
  scrollIntoView: () => {},
  hasPointerCapture: () => false,
  setPointerCapture: () => {},
  releasePointerCapture: () => {},
});

jest.mock('next/navigation', () => ({
  useSearchParams: () => new URLSearchParams(window.location.search),
  usePathname: () => window.location.pathname,
  useRouter: () => ({
    push: (href: string) => window.history.pushState(null, '', href),
    replace: (href: string) => window.history.replaceState(null, '', href),
  }),
}));

// There is no canvas here: what is drawn is looked at in a browser.
jest.mock('@/ui/chart/ChartCanvas', () => ({
  __esModule: true,
  default: ({ label }: { label: string }) => `drawn: ${label}`,
}));

// Typing key by key into a whole screen, and a search for line-ups, take their time on a busy machine.
jest.setTimeout(60_000);
configure({ asyncUtilTimeout: 10_000 });

// Each test is a tab of its own.
afterEach(() => window.sessionStorage.clear());
