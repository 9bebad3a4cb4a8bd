package org.kestan.desktop.rooms.ledger;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.image.Image;
import org.kestan.base.standards.ShopStandards;
import org.kestan.desktop.session.JobSession;
import org.kestan.desktop.session.JobStore;
import org.kestan.job.Job;
import org.kestan.ledger.JobCard;
import org.kestan.ledger.LedgerJob;
import org.kestan.overview.JobAnalysis;
import org.kestan.repair.sideview.SideView;

/**
 * The picture of a job in the list: its first photograph, or its instrument. Found in the background, one at a time,
 * the latest request first; a request that scrolled out of sight is dropped.
 */
final class Thumbnails {

    /** How many thumbnails are kept. */
    private static final int KEPT = 200;

    /** How many requests may wait: one screenful. */
    private static final int WAITING = 14;

    private static final double PIXELS = 200;

    /** A job in a certain version. */
    private record Key(String id, Instant changed, ShopStandards shop) {}

    /**
     * A job's thumbnail.
     *
     * @param photo its first photograph
     * @param view its instrument, where there is no photograph and enough is known
     */
    record Thumbnail(Optional<Image> photo, Optional<SideView> view) {

        private static final Thumbnail NONE = new Thumbnail(Optional.empty(), Optional.empty());
    }

    private record Request(Key key, Consumer<Thumbnail> answered) {}

    private final JobStore store;
    private final JobSession session;
    private final Map<Key, Thumbnail> known = new LinkedHashMap<>(KEPT, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Key, Thumbnail> eldest) {
            return size() > KEPT;
        }
    };
    private final Deque<Request> waiting = new ArrayDeque<>();
    private boolean busy;

    Thumbnails(JobStore store, JobSession session) {
        this.store = store;
        this.session = session;
    }

    /** Delivers a job's thumbnail, at once if it is known. */
    void of(JobCard card, Consumer<Thumbnail> answered) {
        Key key = new Key(card.id(), card.changedAt(), session.standards());
        Thumbnail found = known.get(key);
        if (found != null) {
            answered.accept(found);
            return;
        }
        waiting.push(new Request(key, answered));
        while (waiting.size() > WAITING) {
            waiting.removeLast();
        }
        next();
    }

    private void next() {
        if (busy || waiting.isEmpty()) {
            return;
        }
        busy = true;
        Request request = waiting.pop();
        store.ask(() -> seen(request.key()), found -> {
            busy = false;
            known.put(request.key(), found);
            request.answered().accept(found);
            next();
        });
    }

    /** A job that can't be read or drawn has no thumbnail; the error is reported when it is opened. */
    private Thumbnail seen(Key key) {
        try {
            return look(key);
        } catch (RuntimeException odd) {
            return Thumbnail.NONE;
        }
    }

    private Thumbnail look(Key key) {
        Optional<Job> job = store.ledger().read(key.id()).map(LedgerJob::job);
        if (job.isEmpty()) {
            return Thumbnail.NONE;
        }
        Optional<Path> photo = job.get().photos().stream()
                .map(each -> store.ledger().pictures().file(each.file()))
                .filter(Files::isRegularFile)
                .findFirst();
        if (photo.isPresent()) {
            Image image = new Image(photo.get().toUri().toString(), PIXELS, PIXELS, true, true, false);
            if (!image.isError()) {
                return new Thumbnail(Optional.of(image), Optional.empty());
            }
        }
        return new Thumbnail(
                Optional.empty(),
                JobAnalysis.of(job.get(), key.shop())
                        .sideView()
                        .filter(view -> view.measured().isPresent()));
    }
}
