package org.kestan.files.papers;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.kestan.text.Numbers;

/**
 * The claim tag: one half goes on the case, the other home with the owner. Both have the job's number, also as a QR
 * code (ISO/IEC 18004) that any scanner reads.
 */
public final class ClaimTagPdf {

    private static final float MM = 72 / 25.4f;
    private static final PDRectangle PAPER = new PDRectangle(148 * MM, 105 * MM);
    private static final float HALF = 74 * MM;
    private static final float MARGIN = 6 * MM;
    private static final float ROOM = HALF - 2 * MARGIN;
    private static final float CODE = 30 * MM;
    private static final float LARGE = 17;
    private static final float SMALL = 10;
    private static final float LINE = 15;

    private ClaimTagPdf() {}

    /** The content of the code: the job's number, or its name if it has none. */
    public static String code(Job job) {
        String number = job.text(Lines.JOB_NUMBER);
        return number.isBlank() ? job.name() : number;
    }

    /**
     * Makes the tag of a job.
     *
     * @return the bytes of a PDF of one page, 148 × 105 mm
     * @throws IOException if the fonts that ship can't be read, or what the code has to say is too long for one
     */
    public static byte[] write(Job job) throws IOException {
        try (PDDocument document = new PDDocument()) {
            PdfFonts fonts = PdfFonts.in(document);
            PDPage page = new PDPage(PAPER);
            document.addPage(page);
            try (PDPageContentStream out = new PDPageContentStream(document, page)) {
                half(out, fonts, job, 0, PaperText.text("claim-tag.on-the-case"));
                half(out, fonts, job, HALF, PaperText.text("claim-tag.for-the-owner"));
                out.setLineWidth(0.5f);
                out.setLineDashPattern(new float[] {3, 3}, 0);
                out.moveTo(HALF, 0);
                out.lineTo(HALF, PAPER.getHeight());
                out.stroke();
            }
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            document.getDocumentInformation().setTitle(PaperText.text("claim-tag.claim-tag"));
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    private static void half(PDPageContentStream out, PdfFonts fonts, Job job, float left, String whose)
            throws IOException {
        float x = left + MARGIN;
        float y = PAPER.getHeight() - MARGIN - LARGE;
        fonts.line(out, fonts.bold(), LARGE, x, y, ROOM, code(job));
        String[] lines = {
            job.name(),
            job.text(Lines.OWNER),
            job.text(Lines.PHONE),
            job.text(Lines.TAKEN_ON),
            job.get(Lines.PROMISED_ON)
                    .map(day -> PaperText.text("claim-tag.promised", day))
                    .orElse(""),
            job.get(Lines.DEPOSIT)
                    .map(paid -> PaperText.text("claim-tag.deposit", Numbers.plain(paid)))
                    .orElse("")
        };
        float at = y - LINE - 4;
        for (String line : lines) {
            if (!line.isBlank() && !line.equals(code(job))) {
                fonts.line(out, fonts.regular(), SMALL, x, at, ROOM, line);
                at -= LINE;
            }
        }
        fonts.line(out, fonts.regular(), SMALL - 2, x, MARGIN, ROOM, whose);
        if (!code(job).isBlank()) {
            code(out, code(job), left + HALF - MARGIN - CODE, MARGIN);
        }
    }

    private static void code(PDPageContentStream out, String says, float x, float y) throws IOException {
        BitMatrix bits;
        try {
            bits = new QRCodeWriter().encode(says, BarcodeFormat.QR_CODE, 0, 0);
        } catch (WriterException tooLong) {
            throw new IOException(tooLong.getMessage(), tooLong);
        }
        float cell = CODE / bits.getWidth();
        for (int row = 0; row < bits.getHeight(); row++) {
            for (int column = 0; column < bits.getWidth(); column++) {
                if (bits.get(column, row)) {
                    out.addRect(x + column * cell, y + CODE - (row + 1) * cell, cell, cell);
                }
            }
        }
        out.fill();
    }
}
