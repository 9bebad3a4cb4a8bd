package org.kestan.desktop.session;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.beans.property.SimpleStringProperty;
import org.kestan.base.sheet.Reading;
import org.testng.annotations.Test;

public class TypingTest {

    @Test
    public void theFieldThatHadTheFocusLastIsFollowed() {
        Typing typing = new Typing();
        assertThat(typing.lineProperty().get()).isNull();
        SimpleStringProperty first = new SimpleStringProperty("2.5 mm");
        SimpleStringProperty note = new SimpleStringProperty("= 6/64 in");
        typing.begin(Reading.ACTION_BASS, "4", first, note);
        first.set("2.6 mm");
        note.set("= 7/64 in");
        assertThat(typing.number()).isEqualTo("4");
        assertThat(typing.textProperty().get()).isEqualTo("2.6 mm");
        assertThat(typing.noteProperty().get()).isEqualTo("= 7/64 in");
        SimpleStringProperty second = new SimpleStringProperty("90 mm");
        typing.begin(Reading.HEEL_HEIGHT, "", second, note);
        first.set("9 mm");
        assertThat(typing.lineProperty().get()).isEqualTo(Reading.HEEL_HEIGHT);
        assertThat(typing.textProperty().get()).isEqualTo("90 mm");
        assertThat(typing.number()).isEmpty();
    }

    @Test
    public void whatCannotBeTakenIsRememberedUntilItCan() {
        Typing typing = new Typing();
        typing.end(Reading.ACTION_BASS, false);
        typing.end(Reading.HEEL_HEIGHT, false);
        typing.end(Reading.SADDLE_BASS, true);
        assertThat(typing.refused()).containsExactlyInAnyOrder(Reading.ACTION_BASS, Reading.HEEL_HEIGHT);
        typing.end(Reading.ACTION_BASS, true);
        assertThat(typing.refused()).containsExactly(Reading.HEEL_HEIGHT);
        typing.forget();
        assertThat(typing.refused()).isEmpty();
    }
}
