import type { Metadata, Viewport } from 'next';
import localFont from 'next/font/local';
import { ThemeProvider } from 'next-themes';
import { Suspense, type ReactNode } from 'react';
import { BareFrame } from '@/features/frame/BareFrame';
import { Frame } from '@/features/frame/Frame';
import { RoomProvider } from '@/session/react/RoomProvider';
import { Boundary } from '@/ui/Boundary';
import './globals.css';

const text = localFont({
  src: '../../node_modules/@fontsource-variable/schibsted-grotesk/files/schibsted-grotesk-latin-wght-normal.woff2',
  variable: '--font-text',
  weight: '400 900',
  display: 'swap',
});
const figures = localFont({
  src: '../../node_modules/@fontsource-variable/spline-sans-mono/files/spline-sans-mono-latin-wght-normal.woff2',
  variable: '--font-figures',
  weight: '300 700',
  display: 'swap',
});

export const metadata: Metadata = {
  icons: { apple: '/icon-192.png' },
  appleWebApp: { capable: true, title: 'Lomvik', statusBarStyle: 'default' },
  description: 'Plan stock lists, bring fish home, and keep the record of every tank.',
};
export const viewport: Viewport = {
  width: 'device-width',
  initialScale: 1,
  viewportFit: 'cover',
  themeColor: [
    { media: '(prefers-color-scheme: light)', color: '#f6f5f0' },
    { media: '(prefers-color-scheme: dark)', color: '#0e1a1f' },
  ],
};

export default function RootLayout({ children }: { readonly children: ReactNode }) {
  return (
    <html lang="en" className={`${text.variable} ${figures.variable}`} suppressHydrationWarning>
      <body className="font-sans antialiased">
        <ThemeProvider attribute="class" defaultTheme="system" enableSystem disableTransitionOnChange>
          <RoomProvider>
            <Suspense>
              <Boundary what="The menu" instead={<BareFrame>{children}</BareFrame>}>
                <Frame>{children}</Frame>
              </Boundary>
            </Suspense>
          </RoomProvider>
        </ThemeProvider>
      </body>
    </html>
  );
}
