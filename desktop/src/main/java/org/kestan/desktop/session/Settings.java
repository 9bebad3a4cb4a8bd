package org.kestan.desktop.session;

import java.io.IOException;
import java.io.Reader;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Properties;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.geometry.Rectangle2D;
import org.kestan.base.notation.LengthUnit;
import org.kestan.base.sheet.Tool;
import org.kestan.base.standards.ShopStandards;
import org.kestan.files.disk.Disk;
import org.kestan.files.standards.StandardsFile;
import org.kestan.text.BenchUnit;

/** Settings kept between runs, in a small text file in the data folder: theme, text size, unit, recent files. */
public final class Settings {

    /** The available text sizes, in percent. */
    public static final List<Integer> TEXT_SIZES = List.of(100, 125, 150);

    private static final int RECENT = 8;

    private final Path file;
    private final Properties values = new Properties();

    private Settings(Path file) {
        this.file = file;
    }

    /** Reads the settings of a data folder; anything unreadable gets its default. */
    public static Settings in(Path folder) {
        Settings settings = new Settings(folder.resolve("settings.properties"));
        if (Files.isReadable(settings.file)) {
            try (Reader in = Files.newBufferedReader(settings.file, StandardCharsets.UTF_8)) {
                settings.values.load(in);
            } catch (IOException | IllegalArgumentException unreadable) {
                settings.values.clear();
            }
        }
        return settings;
    }

    /** Returns this user's data folder, by the conventions of the platform. */
    public static Path usualFolder() {
        Path home = Path.of(System.getProperty("user.home"));
        String system = System.getProperty("os.name", "").toLowerCase(java.util.Locale.ROOT);
        if (system.contains("win")) {
            String roaming = System.getenv("APPDATA");
            return (roaming == null ? home : Path.of(roaming)).resolve("Kestan");
        }
        if (system.contains("mac")) {
            return home.resolve("Library/Application Support/Kestan");
        }
        String data = System.getenv("XDG_DATA_HOME");
        return (data == null || data.isEmpty() ? home.resolve(".local/share") : Path.of(data)).resolve("kestan");
    }

    /** Returns the data folder of these settings. */
    public Path folder() {
        return file.getParent();
    }

    private Path standardsFile() {
        return folder().resolve("standards.json");
    }

    /** Reads the shop's standards; the defaults if none are saved or they can't be read. */
    public StandardsFile.Outcome standards() {
        return Files.exists(standardsFile())
                ? StandardsFile.read(standardsFile())
                : new StandardsFile.Outcome(ShopStandards.DEFAULT, List.of());
    }

    /**
     * Saves the shop's standards.
     *
     * @throws IOException if they can't be written; the old ones are then untouched
     */
    public void keepStandards(ShopStandards standards) throws IOException {
        Disk.ownFolder(folder());
        StandardsFile.write(standards, standardsFile());
    }

    /** Returns the folder of the shop's own step files. */
    public Path stepsFolder() {
        return folder().resolve("steps");
    }

    /** Returns who works at the bench; empty if not entered. */
    public String who() {
        return values.getProperty("who", "");
    }

    /** Sets who works at the bench. */
    public void setWho(String who) {
        values.setProperty("who", who);
        store();
    }

    /** Returns whether the dark theme is chosen. */
    public boolean dark() {
        return Boolean.parseBoolean(values.getProperty("dark"));
    }

    /** Chooses the dark or the light theme. */
    public void setDark(boolean dark) {
        values.setProperty("dark", Boolean.toString(dark));
        store();
    }

    /** Returns whether lists and tables are preferred to pictures. */
    public boolean tables() {
        return Boolean.parseBoolean(values.getProperty("tables"));
    }

    /** Sets whether lists and tables are preferred to pictures. */
    public void setTables(boolean tables) {
        values.setProperty("tables", Boolean.toString(tables));
        store();
    }

    /** Returns the serial port last used for a gauge; empty for none. */
    public String serialPort() {
        return values.getProperty("serialPort", "");
    }

    /** Sets the serial port of a gauge. */
    public void setSerialPort(String port) {
        values.setProperty("serialPort", port);
        store();
    }

    /** Returns the line form of that gauge, by its key; empty if none was chosen. */
    public String serialForm() {
        return values.getProperty("serialForm", "");
    }

    /** Sets its line form. */
    public void setSerialForm(String form) {
        values.setProperty("serialForm", form);
        store();
    }

    /** Returns the speed of that gauge, bits per second. */
    public int serialBaud() {
        try {
            return Integer.parseInt(values.getProperty("serialBaud", "9600"));
        } catch (NumberFormatException odd) {
            return 9600;
        }
    }

    /** Sets its speed. */
    public void setSerialBaud(int baud) {
        values.setProperty("serialBaud", Integer.toString(baud));
        store();
    }

    /** Returns the unit of that gauge's bare numbers; empty if none was chosen. */
    public String serialUnit() {
        return values.getProperty("serialUnit", "");
    }

    /** Chooses it. */
    public void setSerialUnit(String unit) {
        values.setProperty("serialUnit", unit);
        store();
    }

    /** Returns the name of the key a foot switch types; empty for none. */
    public String footSwitch() {
        return values.getProperty("footSwitch", "");
    }

    /** Sets the key a foot switch types. */
    public void setFootSwitch(String key) {
        values.setProperty("footSwitch", key);
        store();
    }

    /** Returns whether the window starts with Today. */
    public boolean startsToday() {
        return Boolean.parseBoolean(values.getProperty("today"));
    }

    /** Sets whether the window starts with Today. */
    public void setStartsToday(boolean today) {
        values.setProperty("today", Boolean.toString(today));
        store();
    }

    /** Returns whether pictures change at once instead of gradually. */
    public boolean still() {
        return Boolean.parseBoolean(values.getProperty("still"));
    }

    /** Sets whether pictures change at once. */
    public void setStill(boolean still) {
        values.setProperty("still", Boolean.toString(still));
        store();
    }

    /** Returns the text size in percent, one of {@link #TEXT_SIZES}. */
    public int textSize() {
        String said = values.getProperty("textSize", "");
        return TEXT_SIZES.stream()
                .filter(size -> said.equals(size.toString()))
                .findFirst()
                .orElse(TEXT_SIZES.get(0));
    }

    /** Sets the text size in percent. */
    public void setTextSize(int percent) {
        values.setProperty("textSize", Integer.toString(percent));
        store();
    }

    /** Returns the symbol of the unit given to a bare number read with a tool; empty for the general one. */
    public String bareUnit(Tool tool) {
        String said = values.getProperty("bareUnit." + tool.key(), "");
        return LengthUnit.ofSymbol(said).isPresent() ? said : "";
    }

    /** Sets the unit given to a bare number read with a tool. */
    public void setBareUnit(Tool tool, String unit) {
        values.setProperty("bareUnit." + tool.key(), unit);
        store();
    }

    /** Returns the unit given to a typed bare number; empty if such a number is refused. */
    public String bareUnit() {
        String said = values.getProperty("bareUnit", "");
        return LengthUnit.ofSymbol(said).isPresent() ? said : "";
    }

    /** Sets the unit given to a typed bare number; empty to refuse such a number. */
    public void setBareUnit(String unit) {
        values.setProperty("bareUnit", unit);
        store();
    }

    /** Returns the display unit. */
    public BenchUnit unit() {
        String said = values.getProperty("unit", "");
        return Stream.of(BenchUnit.values())
                .filter(unit -> unit.name().equals(said))
                .findFirst()
                .orElse(BenchUnit.SIXTY_FOURTHS);
    }

    /** Sets the display unit. */
    public void setUnit(BenchUnit unit) {
        values.setProperty("unit", unit.name());
        store();
    }

    /** Returns the recently opened files, newest first, without those that are gone. */
    public List<Path> recentFiles() {
        List<Path> files = new ArrayList<>();
        for (int i = 0; i < RECENT; i++) {
            String said = values.getProperty("recent." + i);
            if (said != null) {
                named(said).filter(Files::isRegularFile).ifPresent(files::add);
            }
        }
        return files;
    }

    /** Returns the folder last used for a kind of file; empty if there is none or it is gone. */
    Optional<Path> lastFolder(String kind) {
        return Optional.ofNullable(values.getProperty("folder." + kind))
                .flatMap(Settings::named)
                .filter(Files::isDirectory);
    }

    /** Sets the folder last used for a kind of file. */
    void setLastFolder(String kind, Path folder) {
        values.setProperty("folder." + kind, folder.toAbsolutePath().toString());
        store();
    }

    /** Returns the height of the drawing over a station, in pixels; 0 if folded, empty if it was never moved. */
    public OptionalDouble drawingHeight(String station) {
        try {
            String said = values.getProperty("drawing." + station);
            return said == null ? OptionalDouble.empty() : OptionalDouble.of(Math.max(0, Double.parseDouble(said)));
        } catch (NumberFormatException unreadable) {
            return OptionalDouble.empty();
        }
    }

    /** Sets the height of the drawing over a station, in pixels; 0 if it is folded. */
    public void setDrawingHeight(String station, double pixels) {
        values.setProperty("drawing." + station, Long.toString(Math.round(pixels)));
        store();
    }

    /** Returns the window's last position, in pixels; empty if it was never saved or can't be read. */
    public Optional<Rectangle2D> window() {
        String[] said = values.getProperty("window", "").split(" ");
        try {
            return said.length == 4
                    ? Optional.of(new Rectangle2D(
                            Double.parseDouble(said[0]),
                            Double.parseDouble(said[1]),
                            Double.parseDouble(said[2]),
                            Double.parseDouble(said[3])))
                    : Optional.empty();
        } catch (IllegalArgumentException unreadable) {
            return Optional.empty();
        }
    }

    /** Returns whether the window was maximized. */
    public boolean maximized() {
        return Boolean.parseBoolean(values.getProperty("maximized"));
    }

    /** Sets the window's position, in pixels. */
    public void setWindow(Rectangle2D place) {
        values.setProperty(
                "window",
                Stream.of(place.getMinX(), place.getMinY(), place.getWidth(), place.getHeight())
                        .map(each -> Long.toString(Math.round(each)))
                        .collect(Collectors.joining(" ")));
        store();
    }

    /** Sets whether the window is maximized. */
    public void setMaximized(boolean maximized) {
        values.setProperty("maximized", Boolean.toString(maximized));
        store();
    }

    /** A saved path; empty if the machine can't represent it today. */
    private static Optional<Path> named(String said) {
        try {
            return Optional.of(Path.of(said));
        } catch (InvalidPathException unnameable) {
            return Optional.empty();
        }
    }

    /** Adds a file to the recently opened ones. */
    public void remember(Path opened) {
        List<Path> files = new ArrayList<>(recentFiles());
        files.remove(opened.toAbsolutePath());
        files.add(0, opened.toAbsolutePath());
        for (int i = 0; i < RECENT; i++) {
            if (i < files.size()) {
                values.setProperty("recent." + i, files.get(i).toString());
            } else {
                values.remove("recent." + i);
            }
        }
        store();
    }

    /** Settings are a convenience; if they can't be written, work goes on without. */
    private void store() {
        try {
            Disk.ownFolder(folder());
            StringWriter text = new StringWriter();
            values.store(text, "Kestan settings");
            Disk.write(file, text.toString().getBytes(StandardCharsets.UTF_8));
        } catch (IOException notKept) {
            System.getLogger(Settings.class.getName()).log(System.Logger.Level.WARNING, "settings not kept", notKept);
        }
    }
}
