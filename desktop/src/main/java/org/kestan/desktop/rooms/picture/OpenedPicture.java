package org.kestan.desktop.rooms.picture;

import java.nio.file.Path;
import java.util.Optional;
import java.util.OptionalDouble;
import org.kestan.desktop.messages.Messages;
import org.kestan.devices.picture.GrayPicture;
import org.kestan.devices.picture.PictureRead;

/**
 * The outcome of opening a picture.
 *
 * @param picture empty if it can't be read
 * @param focal focal length in pixels where the picture tells
 * @param trouble why it can't be read, in words; empty if it can
 */
record OpenedPicture(Optional<GrayPicture> picture, OptionalDouble focal, String trouble) {

    /** Reads a picture; may take seconds. */
    static OpenedPicture of(Path from) {
        try {
            PictureRead read = PictureRead.of(from);
            return new OpenedPicture(Optional.of(GrayPicture.of(read.image())), read.focal(), "");
        } catch (PictureRead.Failed failed) {
            String name = String.valueOf(from.getFileName());
            return new OpenedPicture(
                    Optional.empty(),
                    OptionalDouble.empty(),
                    switch (failed.trouble()) {
                        case NOT_READ -> Messages.message("picture-room.not-read", name);
                        case NO_PICTURE -> Messages.message("picture-room.no-picture", name);
                        case TOO_LARGE ->
                            Messages.message("picture-room.too-large", name, PictureRead.MOST_PIXELS / 1_000_000);
                    });
        }
    }
}
