import { labelLines, placeOnSheet, type LabelFacts, type LabelSheet } from '@kestrel-ridge/core/storage';

/** A label with the address of its box. */
export interface PrintedLabel extends LabelFacts {
  readonly url: string;
}

const MARGIN_MM = 3;
const LINE_MM = 4.4;

/** A sheet of labels as a PDF: name, portions, dates, allergens, and a code that opens the box's page. */
export async function labelPdf(labels: readonly PrintedLabel[], sheet: LabelSheet, skip: number): Promise<Blob> {
  const [{ jsPDF }, { default: QRCode }] = await Promise.all([import('jspdf'), import('qrcode')]);
  const pdf = new jsPDF({ unit: 'mm', format: 'a4' });
  let page = 0;
  for (const [n, label] of labels.entries()) {
    const at = placeOnSheet(n, sheet, skip);
    for (; page < at.page; page++) pdf.addPage();
    const codeMm = Math.min(22, sheet.heightMm - 2 * MARGIN_MM);
    const code = await QRCode.toDataURL(label.url, { margin: 0, errorCorrectionLevel: 'M', width: 240 });
    pdf.addImage(code, 'PNG', at.xMm + sheet.widthMm - codeMm - MARGIN_MM, at.yMm + MARGIN_MM, codeMm, codeMm);
    const room = sheet.widthMm - codeMm - 3 * MARGIN_MM;
    let y = at.yMm + MARGIN_MM + 3.5;
    labelLines(label).forEach((line, row) => {
      pdf.setFont('helvetica', row === 0 ? 'bold' : 'normal');
      pdf.setFontSize(row === 0 ? 11 : 8);
      for (const part of pdf.splitTextToSize(line, room) as string[]) {
        if (y > at.yMm + sheet.heightMm - 1) return;
        pdf.text(part, at.xMm + MARGIN_MM, y);
        y += row === 0 ? LINE_MM + 0.6 : LINE_MM - 0.9;
      }
    });
  }
  return pdf.output('blob');
}
