package org.kestan.files.steps;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import org.kestan.base.expect.Expect;
import org.kestan.base.finding.Fault;
import org.kestan.base.finding.Quantity;
import org.kestan.base.lazy.Lazy;
import org.kestan.base.sheet.ValueType;
import org.kestan.files.FileFinding;
import org.kestan.files.disk.Disk;
import org.kestan.files.json.Json;
import org.kestan.files.text.TextFile;
import org.kestan.job.section.SchemaDraft;
import org.kestan.job.tree.Tree;
import org.kestan.job.tree.TreeCursor;
import org.kestan.job.tree.TreeFinding;
import org.kestan.judgment.way.Way;
import org.kestan.judgment.ways.WayCatalog;
import org.kestan.repair.steps.Step;
import org.kestan.repair.steps.StepBook;
import org.kestan.repair.steps.StepFile;

/**
 * The steps at the bench as files, one for each way: those that ship, with the shop's changes applied. A shop's file
 * contains only its differences, so that everything else follows an update. Described in docs/steps.md. Immutable: an
 * edit is written to disk and makes a new library.
 */
public final class StepLibrary {

    /** The version that is read and written. */
    public static final int VERSION = 1;

    private static final String KEY = "kestanSteps";
    private static final String DESCRIBED = "docs/steps.md";
    private static final List<String> TOP = List.of(KEY, "way", "order", "steps", "$schema");

    /** The names of the files: every way, and what comes before and after. */
    public static final List<String> NAMES = Stream.of(
                    Stream.of(StepFile.OPENING), WayCatalog.ALL.stream().map(Way::key), Stream.of(StepFile.CLOSING))
            .flatMap(each -> each)
            .toList();

    private static final Lazy<StepLibrary> SHIPPED = Lazy.of(() -> shipping(StepLibrary::shippedText));

    private static final StepLibrary UNREAD = new StepLibrary();

    private static final long LARGEST_PHOTOGRAPH = 40L << 20;

    private final Map<String, Tree.Entries> shipped;
    private final Optional<Path> folder;
    private final Map<String, Tree.Entries> shop;
    private final Map<String, List<Fault>> faults;
    private final StepBook book;

    private StepLibrary(
            Map<String, Tree.Entries> shipped,
            Optional<Path> folder,
            Map<String, Tree.Entries> shop,
            Map<String, List<Fault>> faults) {
        this.shipped = Map.copyOf(shipped);
        this.folder = folder;
        this.shop = Map.copyOf(shop);
        this.faults = Map.copyOf(faults);
        book = new StepBook(NAMES.stream().map(this::merged).toList());
    }

    /** An empty library. */
    private StepLibrary() {
        shipped = Map.of();
        folder = Optional.empty();
        shop = Map.of();
        faults = Map.of();
        book = StepBook.EMPTY;
    }

    /** Returns the steps that ship. */
    public static StepLibrary shipped() {
        return SHIPPED.get();
    }

    /**
     * Reads the steps that ship. If a file is missing or can't be read, its own way has no steps and the file an
     * error; all others are there.
     *
     * @param text the text of the file of a name; empty if there is none
     */
    static StepLibrary shipping(Function<String, Optional<String>> text) {
        Map<String, Tree.Entries> shipped = new LinkedHashMap<>();
        Map<String, List<Fault>> faults = new LinkedHashMap<>();
        for (String name : NAMES) {
            List<Fault> found = new ArrayList<>();
            text.apply(name)
                    .ifPresentOrElse(
                            file -> checked(file, name, Set.of(), found)
                                    .ifPresent(entries -> shipped.put(name, entries)),
                            () -> found.add(
                                    new Fault("", FileFinding.NO_SUCH_FILE.of(), FileFinding.A_STEP_FILE.of())));
            if (!found.isEmpty()) {
                shipped.remove(name);
                faults.put(name, List.copyOf(found));
            }
        }
        return new StepLibrary(shipped, Optional.empty(), Map.of(), faults);
    }

    /** Returns a library without steps, for use until one is read. */
    public static StepLibrary unread() {
        return UNREAD;
    }

    /** Reads a shop's changes from a folder; a file that can't be read is reported, and the default is used instead. */
    public static StepLibrary of(Path folder) {
        Map<String, Tree.Entries> shop = new LinkedHashMap<>();
        Map<String, List<Fault>> faults = new LinkedHashMap<>(shipped().faults);
        for (String name : NAMES) {
            Path file = file(folder, name);
            if (Files.exists(file)) {
                List<Fault> found = new ArrayList<>();
                TextFile.<Optional<Tree.Entries>>read(
                                file,
                                FileFinding.A_STEP_FILE.of(),
                                text -> checked(text, name, shippedIds(name), found),
                                broken -> {
                                    found.addAll(broken);
                                    return Optional.empty();
                                })
                        .ifPresent(entries -> shop.put(name, entries));
                if (!found.isEmpty()) {
                    shop.remove(name);
                    faults.put(name, List.copyOf(found));
                }
            }
        }
        return new StepLibrary(shipped().shipped, Optional.of(folder), shop, faults);
    }

    /** Where a step's photograph is; empty if there is none. */
    public Optional<Path> photograph(String name) {
        return folder.filter(each -> StepReader.isPhotograph(name))
                .map(each -> each.resolve(name))
                .filter(Files::isRegularFile);
    }

    /**
     * Copies a photograph to the shop's steps.
     *
     * @return the name by which a step has it
     * @throws IOException if it is no photograph or too large, if it can't be copied, or if there is no folder of the shop's
     */
    public String keepPhotograph(Path photograph) throws IOException {
        String name = photograph.getFileName().toString();
        if (folder.isEmpty() || !StepReader.isPhotograph(name) || Files.size(photograph) > LARGEST_PHOTOGRAPH) {
            throw new IOException(name);
        }
        Disk.folder(folder.get());
        Disk.write(folder.get().resolve(name), Files.readAllBytes(photograph));
        return name;
    }

    private static Path file(Path folder, String name) {
        return folder.resolve(name + ".json");
    }

    /** Returns all steps, with the shop's changes. */
    public StepBook book() {
        return book;
    }

    /** Returns the errors in a shop's files, by file name; each with its place. */
    public Map<String, List<Fault>> faults() {
        return faults;
    }

    /** Returns the default version of a step; empty for one of the shop's own. */
    public Optional<Step> asShipped(String id) {
        return shipped().book.step(id);
    }

    /** Returns the text of a file that ships; empty if there is none. */
    public static Optional<String> shippedText(String name) {
        try (InputStream in = StepLibrary.class.getResourceAsStream(name + ".json")) {
            return in == null ? Optional.empty() : Optional.of(new String(in.readAllBytes(), StandardCharsets.UTF_8));
        } catch (IOException broken) {
            return Optional.empty();
        }
    }

    private static Set<String> shippedIds(String name) {
        return Set.copyOf(ids(shipped().shipped.getOrDefault(name, Tree.Entries.NONE)));
    }

    /** Reads a file, whose steps may change some that ship; errors if it can't be read. */
    private static Optional<Tree.Entries> checked(String text, String name, Set<String> shipped, List<Fault> faults) {
        Json.Read read = Json.read(text, DESCRIBED);
        if (read.tree().isEmpty()) {
            faults.addAll(read.faults());
            return Optional.empty();
        }
        TreeCursor root = TreeCursor.root(read.tree().get());
        root.expectObject();
        if (root.faults().isEmpty()) {
            check(root, name, shipped);
        }
        faults.addAll(root.faults());
        return Optional.of(root.entries());
    }

    private static void check(TreeCursor root, String name, Set<String> shipped) {
        TreeCursor version = root.at(KEY);
        if (!version.isPresent()) {
            version.fault(FileFinding.NO_STEPS.of(), FileFinding.THE_NUMBER.of(Quantity.count(VERSION)));
        }
        version.value(ValueType.whole(VERSION, VERSION));
        root.children().forEach((key, place) -> {
            if (!TOP.contains(key)) {
                place.fault(FileFinding.NO_STEP_KEY.of(), ValueType.oneOf(TOP.stream()));
            }
        });
        root.at("way")
                .text()
                .filter(said -> !said.equals(name))
                .ifPresent(said -> root.at("way")
                        .fault(
                                TreeFinding.THE_TEXT.of(Quantity.text(said)),
                                FileFinding.ITS_WAY.of(Quantity.text(name))));
        root.at("order").value(ValueType.whole(-1000, 1000));
        Set<String> known = new HashSet<>(shipped);
        Set<String> seen = new HashSet<>();
        for (TreeCursor at : root.at("steps").elements()) {
            Optional<Step> step = StepReader.read(at, Step.Edits.NONE);
            step.filter(each -> !seen.add(each.id()))
                    .ifPresent(
                            each -> at.at("id").fault(FileFinding.STEP_TWICE.of(), FileFinding.AN_ID_OF_ITS_OWN.of()));
            step.filter(each ->
                            !shipped.contains(each.id()) && each.text().title().isEmpty())
                    .ifPresent(each -> at.fault(
                            TreeFinding.LACKS.of(Quantity.text("title")),
                            TreeFinding.LIKE.of(Quantity.text("\"title\": \u2026"))));
            at.at("after")
                    .text()
                    .filter(after -> !after.isEmpty() && !known.contains(after))
                    .ifPresent(after ->
                            at.at("after").fault(FileFinding.NO_STEP_HERE.of(), FileFinding.A_STEP_BEFORE_IT.of()));
            step.ifPresent(each -> known.add(each.id()));
        }
    }

    private static List<String> ids(Tree.Entries file) {
        return entries(file).stream().map(StepLibrary::id).toList();
    }

    private static String id(Tree.Entries entry) {
        return entry.get("id")
                .filter(Tree.Text.class::isInstance)
                .map(text -> ((Tree.Text) text).text())
                .orElse("");
    }

    private static List<Tree.Entries> entries(Tree.Entries file) {
        return file.get("steps")
                .filter(Tree.Items.class::isInstance)
                .map(items -> ((Tree.Items) items)
                        .all().stream()
                                .filter(Tree.Entries.class::isInstance)
                                .map(Tree.Entries.class::cast)
                                .toList())
                .orElse(List.of());
    }

    /** The defaults with the shop's changes applied, step by step, key by key. */
    private StepFile merged(String name) {
        Tree.Entries ours = shipped.getOrDefault(name, Tree.Entries.NONE);
        Tree.Entries theirs = shop.getOrDefault(name, Tree.Entries.NONE);
        List<String> order = new ArrayList<>(ids(ours));
        Map<String, Step> steps = new LinkedHashMap<>();
        for (Tree.Entries entry : entries(ours)) {
            steps.put(id(entry), step(entry, Step.Edits.NONE));
        }
        Map<String, Tree.Entries> bases = new LinkedHashMap<>();
        entries(ours).forEach(entry -> bases.put(id(entry), entry));
        for (Tree.Entries entry : entries(theirs)) {
            String id = id(entry);
            Tree.Entries base = bases.getOrDefault(id, Tree.Entries.NONE);
            Map<String, Tree> laid = new LinkedHashMap<>(base.all());
            laid.putAll(entry.all());
            Set<String> changed = StepReader.said(entry);
            changed.removeIf(key -> base.get(key).equals(Optional.of(entry.all().get(key))));
            boolean off = entry.get("off")
                    .filter(flag -> flag instanceof Tree.Flag said && said.flag())
                    .isPresent();
            boolean moved = entry.get("after").isPresent();
            if (moved) {
                changed.add("after");
            }
            steps.put(
                    id, step(new Tree.Entries(laid), new Step.Edits(off, !bases.containsKey(id), Set.copyOf(changed))));
            if (moved || !order.contains(id)) {
                place(order, id, entry.get("after"));
            }
        }
        int at = number(theirs.get("order").or(() -> ours.get("order")));
        return new StepFile(name, at, order.stream().map(steps::get).toList());
    }

    private static void place(List<String> order, String id, Optional<Tree> after) {
        order.remove(id);
        String behind = after.filter(Tree.Text.class::isInstance)
                .map(text -> ((Tree.Text) text).text())
                .orElse("\0");
        if (behind.isEmpty()) {
            order.add(0, id);
        } else {
            int at = order.indexOf(behind);
            order.add(at < 0 ? order.size() : at + 1, id);
        }
    }

    private static int number(Optional<Tree> number) {
        return number.filter(Tree.Num.class::isInstance)
                .map(each -> ((Tree.Num) each).number().intValue())
                .orElse(0);
    }

    private static Step step(Tree.Entries entry, Step.Edits edits) {
        TreeCursor root = TreeCursor.root(entry);
        Step step = StepReader.read(root, edits).orElseThrow(Expect.present("readable entry"));
        if (!root.faults().isEmpty()) {
            throw new IllegalStateException(id(entry) + ": " + root.faults());
        }
        return step;
    }

    /**
     * Changes the shop's version of a step, and writes it.
     *
     * @param name the file
     * @param id the step; one that does not ship is added
     * @param said the text for each key of a step file; empty goes back to the text that ships
     * @throws IOException if the file can't be written, or holds something that can't be read and would be lost
     */
    public StepLibrary with(String name, String id, Map<String, Optional<Tree>> said) throws IOException {
        Tree.Entries theirs = shop.getOrDefault(name, Tree.Entries.NONE);
        List<Tree> steps = new ArrayList<>();
        boolean there = false;
        for (Tree.Entries entry : entries(theirs)) {
            if (id(entry).equals(id)) {
                there = true;
                said(entry, said).ifPresent(steps::add);
            } else {
                steps.add(entry);
            }
        }
        if (!there) {
            said(new Tree.Draft().put("id", Tree.text(id)).entries(), said).ifPresent(steps::add);
        }
        return written(name, theirs, steps);
    }

    /** Resets a step to its default; one of the shop's own is removed. */
    public StepLibrary without(String name, String id) throws IOException {
        Tree.Entries theirs = shop.getOrDefault(name, Tree.Entries.NONE);
        return written(
                name,
                theirs,
                entries(theirs).stream()
                        .filter(entry -> !id(entry).equals(id))
                        .<Tree>map(entry -> entry)
                        .toList());
    }

    private static Optional<Tree.Entries> said(Tree.Entries entry, Map<String, Optional<Tree>> said) {
        Map<String, Tree> all = new LinkedHashMap<>(entry.all());
        said.forEach((key, value) -> value.ifPresentOrElse(each -> all.put(key, each), () -> all.remove(key)));
        return all.size() > 1 ? Optional.of(new Tree.Entries(all)) : Optional.empty();
    }

    private StepLibrary written(String name, Tree.Entries theirs, List<Tree> steps) throws IOException {
        if (folder.isEmpty() || faults.containsKey(name)) {
            throw new IOException(name + ".json");
        }
        Map<String, Tree> all = new LinkedHashMap<>();
        all.put(KEY, Tree.number(VERSION));
        all.put("way", Tree.text(name));
        theirs.all().forEach(all::putIfAbsent);
        all.put("steps", new Tree.Items(steps));
        Tree.Entries next = new Tree.Entries(all);
        String text = Json.print(next);
        List<Fault> found = new ArrayList<>();
        checked(text, name, Set.copyOf(ids(shipped.getOrDefault(name, Tree.Entries.NONE))), found);
        if (!found.isEmpty()) {
            throw new IOException(name + ".json");
        }
        Path file = file(folder.get(), name);
        Files.createDirectories(folder.get());
        Map<String, Tree.Entries> nextShop = new LinkedHashMap<>(shop);
        if (steps.isEmpty() && theirs.get("order").isEmpty()) {
            Files.deleteIfExists(file);
            nextShop.remove(name);
        } else {
            TextFile.write(text, file);
            nextShop.put(name, next);
        }
        return new StepLibrary(shipped, folder, nextShop, faults);
    }

    /** The schema of a step file (JSON Schema, draft 2020-12). */
    public static String schema() {
        Tree.Draft whole = new Tree.Draft()
                .put("$schema", Tree.text("https://json-schema.org/draft/2020-12/schema"))
                .put("$id", Tree.text("urn:kestan:steps:" + VERSION))
                .put("title", Tree.text("Kestan steps"));
        SchemaDraft.object(KEY, "way", "steps")
                .put(KEY, new Tree.Draft().put("const", Tree.number(VERSION)).entries())
                .put("way", SchemaDraft.oneOf(NAMES))
                .put("order", SchemaDraft.of(ValueType.whole(-1000, 1000)))
                .put("steps", SchemaDraft.list(StepReader.schema()))
                .entries()
                .all()
                .forEach(whole::put);
        return Json.print(whole.entries());
    }
}
