import { expect, test } from '@jest/globals';
import { isCode } from './codeLines';

test.each([
  '$ gpg --send-keys --keyserver keys.example <KEY ID>',
  '+popup-filter{small-windows}',
  'Example usage: {+keep-cookies} www.example.org',
  'dock.output = 3 dock.status = 0x1e97',
  'mount -t usbfs none /proc/bus/usb',
])('is a command, a setting or what a program prints: %s', (text) => {
  expect(isCode(text)).toBe(true);
});

test.each([
  'The file /etc/harbour.conf is read when the program starts.',
  'Berth dues: 226 crowns',
  'Write to office@harbour.example.',
  'Die Datei a_b.conf ist nur für den Betreiber lesbar.',
  '設定ファイル a_b.conf を読み込む。',
  'Revenue 2,310 1,984',
])('is none of a sentence or a row: %s', (text) => {
  expect(isCode(text)).toBe(false);
});
