import type { Metadata } from 'next';
import type { ReactNode } from 'react';
import '@fontsource-variable/literata/standard.css';
import '@fontsource-variable/literata/standard-italic.css';
import '@fontsource-variable/work-sans';
import '@/ui/theme.css';
import { Frame, THEME_SCRIPT } from '@/views/frame';

export const metadata: Metadata = {
  title: 'Marked Page',
  description: 'Ask long documents, and see every quoted answer held against its page.',
};

export default function RootLayout({ children }: { children: ReactNode }) {
  return (
    <html lang="en" suppressHydrationWarning>
      <head>
        <script dangerouslySetInnerHTML={{ __html: THEME_SCRIPT }} />
      </head>
      <body>
        <Frame>{children}</Frame>
      </body>
    </html>
  );
}
