package org.kestan.desktop.rooms.standards;

import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.scene.control.Label;
import javafx.scene.control.RadioButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.VBox;
import org.kestan.base.standards.School;
import org.kestan.base.standards.SchoolQuestion;
import org.kestan.base.standards.ShopStandards;
import org.kestan.text.Wording;

/** A question on which practitioners disagree, the schools with their reasons, and the shop's choice. */
final class SchoolChoice extends VBox {

    private final SchoolQuestion question;
    private final Map<School, RadioButton> buttons = new EnumMap<>(School.class);

    /**
     * @param chooser receives a new choice
     */
    SchoolChoice(SchoolQuestion question, Consumer<School> chooser) {
        this.question = question;
        getStyleClass().add("school-question");
        Label words = new Label(Wording.label(question));
        words.getStyleClass().add("place-title");
        getChildren().add(words);
        ToggleGroup group = new ToggleGroup();
        for (School school : question.schools()) {
            RadioButton button = button(school, chooser);
            button.setToggleGroup(group);
            buttons.put(school, button);
            Label reason = new Label(Wording.more(school, "reason"));
            reason.setWrapText(true);
            reason.getStyleClass().add("school-reason");
            getChildren().add(new VBox(button, reason));
        }
    }

    /** Returns whether all words occur in the question or its schools. */
    boolean has(List<String> words) {
        String said = buttons.keySet().stream()
                .map(school -> Wording.label(school) + " " + Wording.more(school, "reason"))
                .collect(Collectors.joining(" ", Wording.label(question) + " ", ""))
                .toLowerCase(Locale.ROOT);
        return words.stream().allMatch(said::contains);
    }

    /** A button that chooses a school for the shop. */
    private static RadioButton button(School school, Consumer<School> chooser) {
        RadioButton button = new RadioButton(Wording.label(school));
        button.setId("standards-school-" + school.question().key() + "-"
                + school.key().replace('.', '-'));
        button.setWrapText(true);
        button.setOnAction(event -> chooser.accept(school));
        return button;
    }

    /** Shows the shop's choice. */
    void show(ShopStandards shop) {
        buttons.forEach((school, button) -> button.setSelected(shop.holds(school)));
    }
}
