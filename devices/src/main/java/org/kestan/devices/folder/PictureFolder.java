package org.kestan.devices.folder;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import java.util.stream.Stream;

/**
 * Watches a folder for new pictures while it is open. It polls instead of waiting for notifications, because cards,
 * cameras and network folders do not send any. A picture counts once it has stopped growing.
 */
public final class PictureFolder implements AutoCloseable {

    private static final Set<String> PICTURES = Set.of("jpg", "jpeg", "png");
    private static final long EVERY_MILLIS = 700;

    private final Path folder;
    private final Consumer<Heard> told;
    private final ScheduledExecutorService looking = Executors.newSingleThreadScheduledExecutor(task -> {
        Thread thread = new Thread(task, "picture-folder");
        thread.setDaemon(true);
        return thread;
    });
    private final Set<Path> known = new HashSet<>();
    private final Map<Path, Long> growing = new HashMap<>();

    /** The listener. */
    public sealed interface Heard {
        /** A new picture arrived. */
        record Arrived(Path picture) implements Heard {}

        /** The folder is gone: a card was removed, a machine switched off. Watching has ended. */
        record Gone() implements Heard {}
    }

    private PictureFolder(Path folder, Consumer<Heard> told) throws IOException {
        this.folder = folder;
        this.told = told;
        known.addAll(pictures().keySet());
    }

    /**
     * Starts watching a folder; pictures already in it are not reported.
     *
     * @param told called on a separate thread
     * @throws IOException if it can't be read
     */
    public static PictureFolder watch(Path folder, Consumer<Heard> told) throws IOException {
        PictureFolder watched = new PictureFolder(folder, told);
        watched.looking.scheduleWithFixedDelay(watched::look, EVERY_MILLIS, EVERY_MILLIS, TimeUnit.MILLISECONDS);
        return watched;
    }

    /** Returns the folder. */
    public Path folder() {
        return folder;
    }

    private void look() {
        try {
            Map<Path, Long> now = pictures();
            growing.keySet().retainAll(now.keySet());
            now.forEach((picture, size) -> {
                if (known.contains(picture)) {
                    return;
                }
                if (size > 0 && size.equals(growing.get(picture))) {
                    growing.remove(picture);
                    known.add(picture);
                    told.accept(new Heard.Arrived(picture));
                } else {
                    growing.put(picture, size);
                }
            });
        } catch (IOException gone) {
            close();
            told.accept(new Heard.Gone());
        }
    }

    private Map<Path, Long> pictures() throws IOException {
        Map<Path, Long> found = new HashMap<>();
        try (Stream<Path> all = Files.list(folder)) {
            for (Path each : (Iterable<Path>) all.filter(PictureFolder::isPicture)::iterator) {
                found.put(each, Files.isRegularFile(each) ? Files.size(each) : 0L);
            }
        } catch (java.nio.file.NoSuchFileException moved) {
            if (!Files.isDirectory(folder)) {
                throw moved;
            }
        }
        return found;
    }

    private static boolean isPicture(Path file) {
        String name = String.valueOf(file.getFileName()).toLowerCase(Locale.ROOT);
        return !name.startsWith(".") && PICTURES.contains(name.substring(name.lastIndexOf('.') + 1));
    }

    @Override
    public void close() {
        looking.shutdown();
    }
}
