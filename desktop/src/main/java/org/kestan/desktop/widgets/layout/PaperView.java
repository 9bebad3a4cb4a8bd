package org.kestan.desktop.widgets.layout;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.beans.binding.Bindings;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import org.kestan.desktop.messages.Messages;
import org.kestan.files.papers.PdfPictures;

/** The pages of a paper fitted to the view, drawn in the background; clicking one opens it large, with zoom. */
public final class PaperView extends StackPane {

    private static final float DPI = 120;
    private static final float FINE_DPI = 300;
    private static final double MARGIN = 10;

    private final ExecutorService drawer = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "papers");
        thread.setDaemon(true);
        return thread;
    });
    private final HBox pages = new HBox(MARGIN);
    private final Label trouble = new Label();
    private final Consumer<String> complain;
    private long asked;
    private Object shown;

    /**
     * @param complain receives what could not be drawn
     */
    public PaperView(Consumer<String> complain) {
        this.complain = complain;
        setId("paper-view");
        getStyleClass().add("paper-view");
        pages.setAlignment(Pos.CENTER);
        trouble.getStyleClass().add("card-remark");
        getChildren().addAll(pages, trouble);
        setMinSize(0, 0);
    }

    /** A paper can't be made yet; the message says what is missing. */
    public static final class Lacking extends Exception {

        private static final long serialVersionUID = 1;

        /** Says what is missing. */
        public Lacking(String what) {
            super(what);
        }
    }

    /** Shows nothing, and why. */
    public void nothing(String why) {
        asked++;
        shown = null;
        pages.getChildren().clear();
        trouble.setText(why);
    }

    /**
     * Shows a paper.
     *
     * @param what identifies the paper; the same one is not drawn twice
     * @param pdf writes it, in the background
     */
    public void show(Object what, String title, Callable<byte[]> pdf) {
        if (what.equals(shown)) {
            return;
        }
        shown = what;
        long mine = ++asked;
        if (pages.getChildren().isEmpty()) {
            trouble.setText(Messages.message("paper-view.being-drawn"));
        }
        CompletableFuture.supplyAsync(
                        () -> {
                            try {
                                byte[] bytes = pdf.call();
                                return new Drawn(bytes, PdfPictures.pages(bytes, DPI));
                            } catch (Exception failed) {
                                throw new CompletionException(failed);
                            }
                        },
                        drawer)
                .whenComplete((drawn, failed) -> Platform.runLater(() -> {
                    if (mine != asked) {
                        return;
                    }
                    if (failed != null) {
                        shown = null;
                        pages.getChildren().clear();
                        if (failed.getCause() instanceof Lacking lacking) {
                            trouble.setText(lacking.getMessage());
                        } else {
                            trouble.setText("");
                            complain.accept(Messages.message("paper-view.the-page-could-not", failed.getMessage()));
                        }
                    } else {
                        put(title, drawn);
                    }
                }));
    }

    /**
     * A paper and its pages as pictures.
     *
     * @param pages the bytes of a PNG each
     */
    private record Drawn(byte[] pdf, List<byte[]> pages) {}

    /** The height at which all pages fit side by side in the view. */
    private double fit(Image page, int pages) {
        double wide = (getWidth() - (pages + 1) * (MARGIN + 4)) / pages;
        double high = getHeight() - 2 * MARGIN - 4;
        return Math.max(1, Math.min(high, wide * page.getHeight() / page.getWidth()));
    }

    private void put(String title, Drawn drawn) {
        trouble.setText("");
        pages.getChildren().clear();
        int count = drawn.pages().size();
        for (int i = 0; i < count; i++) {
            int at = i;
            Image image = new Image(new ByteArrayInputStream(drawn.pages().get(i)));
            ImageView view = new ImageView(image);
            view.setPreserveRatio(true);
            view.fitHeightProperty()
                    .bind(Bindings.createDoubleBinding(() -> fit(image, count), widthProperty(), heightProperty()));
            Button page = new Button(null, view);
            page.getStyleClass().setAll("paper-page");
            page.setId("paper-page-" + (i + 1));
            String name = title + (count > 1 ? ", page " + (i + 1) : "");
            page.setAccessibleText(Messages.message("paper-view.opens-large", name));
            page.setOnAction(event ->
                    LargePicture.open(getScene().getWindow(), name, image, Optional.of(() -> finer(drawn.pdf(), at))));
            pages.getChildren().add(page);
        }
    }

    private static Image finer(byte[] pdf, int page) {
        try {
            return new Image(new ByteArrayInputStream(PdfPictures.page(pdf, page, FINE_DPI)));
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }
}
