package org.kestan.desktop.widgets.layout;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.List;
import java.util.function.Consumer;
import javafx.print.PageLayout;
import javafx.print.PrinterJob;
import javafx.scene.Group;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.stage.Window;
import org.kestan.desktop.messages.Messages;
import org.kestan.files.papers.PdfPictures;

/** Prints a paper through the platform's own dialog, at its true size: a template printed smaller would be useless. */
public final class PaperPrinter {

    private static final float DPI = 300;
    private static final double POINTS = 72;

    private PaperPrinter() {}

    /**
     * Asks for a printer, and prints.
     *
     * @param pdf the paper
     * @param title what it is, for messages
     * @param say called when it was sent
     * @param complain receives the reason if it was not
     * @throws IOException if the paper can't be drawn
     */
    public static void print(byte[] pdf, String title, Window owner, Consumer<String> say, Consumer<String> complain)
            throws IOException {
        PrinterJob job = PrinterJob.createPrinterJob();
        if (job == null) {
            complain.accept(Messages.message("paper-printer.no-printer"));
            return;
        }
        if (!job.showPrintDialog(owner)) {
            return;
        }
        List<byte[]> pages = PdfPictures.pages(pdf, DPI);
        boolean sent = true;
        for (byte[] page : pages) {
            PageLayout layout = job.getJobSettings().getPageLayout();
            ImageView view = new ImageView(new Image(new ByteArrayInputStream(page)));
            view.setPreserveRatio(true);
            view.setFitWidth(view.getImage().getWidth() * POINTS / DPI);
            // The printer measures from its printable area; the paper is laid out from its edge.
            view.setTranslateX(-layout.getLeftMargin());
            view.setTranslateY(-layout.getTopMargin());
            sent &= job.printPage(new Group(view));
        }
        if (sent && job.endJob()) {
            say.accept(Messages.message("paper-printer.sent", title));
        } else {
            complain.accept(Messages.message("paper-printer.failed"));
        }
    }
}
