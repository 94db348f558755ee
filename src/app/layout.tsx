import type { Metadata, Viewport } from 'next';
import type { ReactNode } from 'react';
import { AppFrame } from '@/ui/frame/AppFrame';
import './globals.css';

export const metadata: Metadata = {
  title: 'Fluorite',
  description: 'A bench instrument for finishers: plan, mix, thin, set, spray, check, clean.',
};

export const viewport: Viewport = { width: 'device-width', initialScale: 1, themeColor: '#221d2e' };

export default function RootLayout({ children }: { readonly children: ReactNode }) {
  return (
    <html lang="en" data-theme="bench">
      <body>
        <AppFrame>{children}</AppFrame>
      </body>
    </html>
  );
}
