package org.kestan.cli;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import org.kestan.analysis.picture.PictureReading;
import org.kestan.analysis.picture.PictureWarning;
import org.kestan.analysis.picture.PixelPoint;
import org.kestan.devices.picture.GrayPicture;
import org.kestan.devices.picture.PictureMeasurement;
import org.kestan.devices.picture.PictureRead;
import org.kestan.files.json.Json;
import org.kestan.files.picture.MarksReader;
import org.kestan.text.Wording;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** {@code kestan picture FILE --marks MARKS}: measures a photograph with marks for what is known and what to read. */
@Command(name = "picture", description = "${bundle:picture-command.measure}", mixinStandardHelpOptions = true)
final class PictureCommand implements Callable<Integer> {

    @Parameters(paramLabel = "FILE", description = "${bundle:picture-command.file}")
    private Path file;

    @Option(names = "--marks", paramLabel = "MARKS", required = true, description = "${bundle:picture-command.marks}")
    private Path marks;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        PrintWriter err = spec.commandLine().getErr();
        MarksReader.Outcome read = MarksReader.read(marks);
        if (read.marks().isEmpty()) {
            read.faults().forEach(fault -> err.println(JobArgument.WORDS.line(fault)));
            return KestanCommand.FAULTY;
        }
        try {
            PictureRead picture = PictureRead.of(file);
            PictureMeasurement measured = PictureMeasurement.of(
                    GrayPicture.of(picture.image()),
                    picture.focal(),
                    read.marks().get());
            PrintWriter out = spec.commandLine().getOut();
            out.print(print(measured));
            out.flush();
            return 0;
        } catch (PictureRead.Failed failed) {
            err.println(trouble(failed.trouble(), file));
            return KestanCommand.FAULTY;
        }
    }

    private static String trouble(PictureRead.Trouble trouble, Path file) {
        return switch (trouble) {
            case NOT_READ -> CliText.text("picture.not-read", file);
            case NO_PICTURE -> CliText.text("picture.no-picture", file);
            case TOO_LARGE -> CliText.text("picture.too-large", file, PictureRead.MOST_PIXELS / 1_000_000);
        };
    }

    private static String print(PictureMeasurement measured) {
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        ArrayNode readings = root.putArray("readings");
        for (PictureReading each : measured.readings()) {
            ObjectNode node = readings.addObject()
                    .put("line", each.line().key())
                    .put("value", each.value())
                    .put("halfWidth", each.halfWidth());
            point(node.putArray("from"), each.from());
            point(node.putArray("to"), each.to());
        }
        measured.millimetersPerPixel().ifPresent(each -> root.put("mmPerPixel", each));
        ArrayNode warnings = root.putArray("warnings");
        for (PictureWarning each : measured.warnings()) {
            String said = Wording.label(each.what());
            warnings.add(each.about().isEmpty() ? said : each.about() + ": " + said);
        }
        return Json.print(root);
    }

    private static void point(ArrayNode node, PixelPoint point) {
        node.add(point.x()).add(point.y());
    }
}
