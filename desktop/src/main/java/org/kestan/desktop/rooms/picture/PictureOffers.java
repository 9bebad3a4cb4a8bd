package org.kestan.desktop.rooms.picture;

import java.nio.file.Path;
import java.util.Optional;
import javafx.scene.Scene;
import javafx.scene.control.TextField;
import org.kestan.base.notation.Length;
import org.kestan.desktop.messages.Messages;
import org.kestan.desktop.room.RoomContext;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.widgets.field.EntryField;
import org.kestan.job.pictures.Photo;
import org.kestan.job.source.SourcedReading;
import org.kestan.text.Numbers;
import org.kestan.text.Wording;

/** Puts readings from pictures into their fields, where Enter takes them. */
final class PictureOffers {

    private final RoomContext context;
    private final JobSession session;

    PictureOffers(RoomContext context) {
        this.context = context;
        session = context.session();
    }

    /**
     * Puts a reading into its field on the sheet.
     *
     * @param scene the window's: the room leaves it as soon as another is shown
     * @param picture the picture that stays with the job; empty if none does
     */
    void onSheet(SourcedReading<Length> mean, Scene scene, Optional<Path> picture) {
        String caption = words(mean);
        picture.ifPresent(file -> keep(file, caption));
        session.offer(mean);
        context.go(mean.line());
        fill(scene, EntryField.id(mean.line()), mean);
        session.say(Messages.message("picture-room.offered", caption));
    }

    /** Puts it into its field at the counter, for an instrument far away whose owner sent the pictures. */
    void atCounter(SourcedReading<Length> mean, Scene scene) {
        context.enterer().accept("counter");
        fill(scene, "counter-" + EntryField.id(mean.line()), mean);
        session.say(Messages.message("picture-room.counter-offered", words(mean)));
    }

    private static void fill(Scene scene, String id, SourcedReading<Length> mean) {
        if (scene.lookup("#" + id) instanceof TextField field) {
            field.requestFocus();
            field.setText(mean.value().text());
            field.selectAll();
        }
    }

    private String words(SourcedReading<Length> each) {
        Numbers numbers = session.words().numbers();
        return Messages.message(
                "picture-room.found",
                Wording.full(each.line()),
                numbers.fine(each.value().millimeters()),
                numbers.fine(each.provenance().halfWidth().orElse(0)));
    }

    /** The picture stays with the job; its caption says what was read in it. */
    private void keep(Path path, String caption) {
        Optional<String> of = context.store().openId();
        context.store()
                .ask(
                        () -> context.store().ledger().pictures().add(path),
                        added -> added.optional()
                                .filter(name -> of.equals(context.store().openId()))
                                .ifPresent(name -> session.edit(
                                        job -> job.withoutPhoto(name).withPhoto(new Photo(name, caption)))));
    }
}
