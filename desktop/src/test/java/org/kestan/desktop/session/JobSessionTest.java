package org.kestan.desktop.session;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.kestan.base.notation.Length;
import org.kestan.base.sheet.Reading;
import org.kestan.job.Job;
import org.kestan.text.BenchUnit;
import org.testng.annotations.Test;

public class JobSessionTest {

    private static Job heel(Job job, int millimeters) {
        return job.with(Reading.HEEL_HEIGHT, Length.ofText(millimeters + " mm"));
    }

    @Test
    public void undoGoesAllTheWayBackAndForth() {
        JobSession session = new JobSession();
        for (int i = 1; i <= 500; i++) {
            int height = i;
            session.edit(job -> heel(job, height));
        }
        for (int i = 0; i < 500; i++) {
            session.undo();
        }
        assertThat(session.job()).isEqualTo(Job.BLANK);
        assertThat(session.canUndoProperty().get()).isFalse();
        session.undo();
        for (int i = 0; i < 500; i++) {
            session.redo();
        }
        assertThat(session.job()).isEqualTo(heel(Job.BLANK, 500));
        assertThat(session.canRedoProperty().get()).isFalse();
    }

    @Test
    public void anEditThatChangesNothingIsNoStep() {
        JobSession session = new JobSession();
        session.edit(job -> job);
        assertThat(session.canUndoProperty().get()).isFalse();
    }

    @Test
    public void aGestureIsOneStepAndAnEditEndsIt() {
        JobSession session = new JobSession();
        Object drag = new Object();
        for (int i = 80; i < 90; i++) {
            int height = i;
            session.editDuring(drag, job -> heel(job, height));
        }
        session.edit(job -> heel(job, 100));
        session.editDuring(drag, job -> heel(job, 101));
        session.undo();
        assertThat(session.job()).isEqualTo(heel(Job.BLANK, 100));
        session.undo();
        assertThat(session.job()).isEqualTo(heel(Job.BLANK, 89));
        session.undo();
        assertThat(session.job()).isEqualTo(Job.BLANK);
    }

    @Test
    public void aNewEditForgetsWhatWasUndone() {
        JobSession session = new JobSession();
        session.edit(job -> heel(job, 80));
        session.undo();
        session.edit(job -> heel(job, 81));
        assertThat(session.canRedoProperty().get()).isFalse();
        session.open(Job.BLANK);
        assertThat(session.canUndoProperty().get()).isFalse();
    }

    @Test
    public void settingsOutliveARunAndBadOnesFallBack() throws IOException {
        Path folder = Files.createTempDirectory("kestan-test-");
        Settings settings = Settings.in(folder);
        settings.setUnit(BenchUnit.MILLIMETERS);
        settings.setTextSize(150);
        settings.setBareUnit("thou");
        assertThat(Settings.in(folder).unit()).isEqualTo(BenchUnit.MILLIMETERS);
        assertThat(Settings.in(folder).bareUnit()).isEqualTo("thou");
        Path file = folder.resolve("settings.properties");
        Files.writeString(file, "unit=FURLONGS\ntextSize=900\nbareUnit=kg\nrecent.0=/nowhere\n");
        Settings odd = Settings.in(folder);
        assertThat(odd.unit()).isEqualTo(BenchUnit.SIXTY_FOURTHS);
        assertThat(odd.textSize()).isEqualTo(100);
        assertThat(odd.bareUnit()).isEmpty();
        assertThat(odd.recentFiles()).isEmpty();
        Files.writeString(file, "\\u12");
        assertThat(Settings.in(folder).dark()).isFalse();
        Files.delete(file);
        Files.delete(folder);
    }
}
