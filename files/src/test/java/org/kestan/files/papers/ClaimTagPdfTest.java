package org.kestan.files.papers;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.time.LocalDate;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.kestan.job.Job;
import org.kestan.job.terms.Lines;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class ClaimTagPdfTest {

    private static Job job(String number) {
        return Job.BLANK
                .with(Lines.NAME, "Plain flat-top")
                .with(Lines.OWNER, "the ferryman")
                .with(Lines.PHONE, "0100 200300")
                .with(Lines.DEPOSIT, 50.0)
                .with(Lines.PROMISED_ON, LocalDate.of(2027, 3, 2))
                .with(Lines.JOB_NUMBER, number);
    }

    @DataProvider
    public Object[][] numbers() {
        return new Object[][] {{"2026-114", "2026-114"}, {"", "Plain flat-top"}, {"R\u00e9p. 7", "R\u00e9p. 7"}};
    }

    /**
     * What a scanner reads on the printed page, by a general-purpose reader, is the job's number, or its name if it
     * has no number.
     */
    @Test(dataProvider = "numbers")
    public void aScannerReadsTheNumber(String number, String read) throws Exception {
        byte[] pdf = ClaimTagPdf.write(number.isEmpty() ? job("x").without(Lines.JOB_NUMBER) : job(number));
        BufferedImage page = ImageIO.read(
                new ByteArrayInputStream(PdfPictures.pages(pdf, 150).get(0)));
        // The half for the owner.
        BufferedImage half = page.getSubimage(page.getWidth() / 2, 0, page.getWidth() / 2, page.getHeight());
        int[] pixels = half.getRGB(0, 0, half.getWidth(), half.getHeight(), null, 0, half.getWidth());
        BinaryBitmap bits = new BinaryBitmap(
                new HybridBinarizer(new RGBLuminanceSource(half.getWidth(), half.getHeight(), pixels)));
        assertThat(new QRCodeReader().decode(bits).getText()).isEqualTo(read);
    }

    @Test
    public void bothHalvesSayWhoseItIs() throws Exception {
        try (PDDocument document = Loader.loadPDF(ClaimTagPdf.write(job("2026-114")))) {
            assertThat(document.getNumberOfPages()).isEqualTo(1);
            String text = new PDFTextStripper().getText(document);
            assertThat(text.split("the ferryman", -1)).hasSize(3);
            assertThat(text)
                    .contains("0100 200300")
                    .contains("Deposit 50")
                    .contains("Promised for 2027-03-02")
                    .contains("On the case");
        }
    }
}
