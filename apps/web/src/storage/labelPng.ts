import { labelLines } from '@kestrel-ridge/core/storage';
import type { PrintedLabel } from './labelPdf.ts';

/** A common roll: 62 mm × 38 mm at 203 dots an inch. */
const ROLL = { widthMm: 62, heightMm: 38, dotsPerMm: 8 };
const MARGIN = 20;
const CODE = 150;

/** A label as a printer on a roll puts it out: a PNG as a data address. */
export async function labelPng(label: PrintedLabel): Promise<string> {
  const { default: QRCode } = await import('qrcode');
  const canvas = document.createElement('canvas');
  canvas.width = ROLL.widthMm * ROLL.dotsPerMm;
  canvas.height = ROLL.heightMm * ROLL.dotsPerMm;
  const pen = canvas.getContext('2d');
  if (!pen) throw new Error('This browser draws no pictures.');
  pen.fillStyle = '#fff';
  pen.fillRect(0, 0, canvas.width, canvas.height);
  pen.fillStyle = '#000';
  const code = document.createElement('canvas');
  await QRCode.toCanvas(code, label.url, { margin: 0, width: CODE, errorCorrectionLevel: 'M' });
  pen.drawImage(code, canvas.width - CODE - MARGIN, MARGIN, CODE, CODE);
  let y = MARGIN + 24;
  labelLines(label).forEach((line, row) => {
    const sizePx = row === 0 ? 30 : 22;
    pen.font = `${row === 0 || row === 2 ? '700' : '400'} ${sizePx}px "Atkinson Hyperlegible Next", sans-serif`;
    for (const part of wrapped(
      line,
      (text) => pen.measureText(text).width,
      (at) => (at < MARGIN + CODE + 20 ? canvas.width - CODE - 3 * MARGIN : canvas.width - 2 * MARGIN),
      y,
      sizePx,
    )) {
      if (y > canvas.height - 4) return;
      pen.fillText(part, MARGIN, y);
      y += sizePx + 6;
    }
  });
  return canvas.toDataURL('image/png');
}

/** Words over lines as wide as there is room at their height. */
function wrapped(
  text: string,
  widthOf: (text: string) => number,
  room: (y: number) => number,
  y: number,
  sizePx: number,
): readonly string[] {
  const lines: string[] = [];
  let line = '';
  for (const word of text.split(' ')) {
    const longer = line ? `${line} ${word}` : word;
    if (line && widthOf(longer) > room(y + lines.length * (sizePx + 6))) {
      lines.push(line);
      line = word;
    } else line = longer;
  }
  return [...lines, line];
}
