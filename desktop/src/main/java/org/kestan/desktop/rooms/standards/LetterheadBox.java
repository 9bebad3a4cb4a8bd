package org.kestan.desktop.rooms.standards;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Base64;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import org.kestan.base.standards.Letterhead;
import org.kestan.base.standards.SalesTax;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.widgets.field.TextButton;
import org.kestan.files.papers.Logo;
import org.kestan.text.Numbers;

/**
 * The letterhead of papers for owners: name, address, terms in the shop's own words, how long an estimate is valid,
 * tax, logo.
 */
final class LetterheadBox extends StandardsBox {

    private static final int MOST_DAYS = 3650;
    private static final int MOST_TAX = 100;
    private static final long LARGEST_LOGO = 512 * 1024;

    private final TextField name = new TextField();
    private final TextArea address = new TextArea();
    private final TextArea terms = new TextArea();
    private final TextField days = new TextField();
    private final TextField tax = new TextField();
    private final TextField taxName = new TextField();
    private final TextField taxNumber = new TextField();
    private final CheckBox partsOnly = new CheckBox(Messages.message("letterhead-box.tax-on-parts-only"));
    private final Label logo = new Label();
    private final Supplier<Letterhead> now;
    private final Consumer<Letterhead> change;
    private final Consumer<String> complain;

    /**
     * @param now the letterhead as it is kept
     * @param change saves a new one
     * @param complain says what is wrong
     * @param chooser asks for a picture
     */
    LetterheadBox(
            Supplier<Letterhead> now,
            Consumer<Letterhead> change,
            Consumer<String> complain,
            Supplier<Optional<Path>> chooser) {
        super(Messages.message("letterhead-box.papers-for-owners"));
        this.now = now;
        this.change = change;
        this.complain = complain;
        put(Messages.message("letterhead-box.name-of-the-shop"), "letterhead-name", name);
        put(Messages.message("letterhead-box.address"), "letterhead-address", address);
        put(Messages.message("letterhead-box.terms-of-an-estimate"), "letterhead-terms", terms);
        put(Messages.message("letterhead-box.an-estimate-holds-for"), "letterhead-days", days);
        put(Messages.message("letterhead-box.tax-on-top-percent"), "letterhead-tax", tax);
        put(Messages.message("letterhead-box.tax-name"), "letterhead-tax-name", taxName);
        put(Messages.message("letterhead-box.tax-number"), "letterhead-tax-number", taxNumber);
        partsOnly.setId("letterhead-tax-parts");
        partsOnly.setOnAction(event -> keep());
        getChildren().add(partsOnly);
        for (TextArea each : new TextArea[] {address, terms}) {
            each.setPrefRowCount(3);
            each.setWrapText(true);
        }
        FlowPane picture = new FlowPane(
                logo,
                new TextButton(
                        Messages.message("letterhead-box.logo"),
                        "letterhead-logo",
                        () -> chooser.get().ifPresent(this::take)),
                new TextButton(Messages.message("letterhead-box.no-logo"), "letterhead-no-logo", () -> keep("")));
        picture.getStyleClass().add("step-bar");
        getChildren().add(picture);
    }

    @Override
    void keep() {
        keep(now.get().logo());
    }

    private void take(Path file) {
        try {
            byte[] bytes = Files.size(file) > LARGEST_LOGO ? new byte[0] : Files.readAllBytes(file);
            boolean png = file.toString().toLowerCase(Locale.ROOT).endsWith(".png");
            String picture = Base64.getEncoder().encodeToString(bytes);
            if (png && Logo.isOne(picture)) {
                keep(picture);
            } else {
                complain.accept(Messages.message("letterhead-box.the-logo-has-to"));
            }
        } catch (IOException failed) {
            complain.accept(Messages.message("letterhead-box.cant-be-read", file.getFileName(), failed.getMessage()));
        }
    }

    private void keep(String picture) {
        Optional<Integer> valid = number(days, MOST_DAYS).map(Double::intValue);
        Optional<Double> percent = number(tax, MOST_TAX);
        if (valid.isEmpty()) {
            complain.accept(Messages.message("letterhead-box.days-out-of-range", MOST_DAYS));
        } else if (percent.isEmpty()) {
            complain.accept(Messages.message("letterhead-box.tax-is-a-percentage", MOST_TAX));
        } else {
            Letterhead next = new Letterhead(
                    name.getText().strip(),
                    address.getText().strip(),
                    terms.getText().strip(),
                    valid.get(),
                    new SalesTax(
                            percent.get(),
                            taxName.getText().strip(),
                            taxNumber.getText().strip(),
                            partsOnly.isSelected()),
                    picture);
            if (!next.equals(now.get())) {
                change.accept(next);
            }
        }
    }

    private static Optional<Double> number(TextField field, int most) {
        String typed = field.getText().strip().replace(" %", "").replace("%", "");
        return typed.matches("\\d{1,4}(\\.\\d{1,3})?") && Double.parseDouble(typed) <= most
                ? Optional.of(Double.parseDouble(typed))
                : Optional.empty();
    }

    /** Shows the saved letterhead. */
    void show(Letterhead kept) {
        set(name, kept.name());
        set(address, kept.address());
        set(terms, kept.terms());
        set(days, Integer.toString(kept.validDays()));
        set(tax, Numbers.plain(kept.tax().percent()));
        set(taxName, kept.tax().name());
        set(taxNumber, kept.tax().number());
        partsOnly.setSelected(kept.tax().partsOnly());
        logo.setText(
                kept.logo().isEmpty()
                        ? Messages.message("letterhead-box.no-logo")
                        : Messages.message("letterhead-box.a-logo-is-kept"));
    }
}
