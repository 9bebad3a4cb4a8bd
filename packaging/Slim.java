import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Instant;
import java.util.Enumeration;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;

/**
 * Copies jars without the native libraries of other platforms. The order of entries stays, and all get the same time, so that the same
 * build comes out byte for byte.
 *
 * <p>Arguments: from, to, the folders of natives that stay ("Linux/x86_64"), the time of all entries in seconds of the epoch.
 */
public final class Slim {

    private static final List<String> NATIVES = List.of("org/sqlite/native/", "Android/", "FreeBSD/", "Linux/", "OpenBSD/", "OSX/", "Solaris/", "Windows/");

    public static void main(String[] arguments) throws IOException {
        Path from = Path.of(arguments[0]);
        Path to = Path.of(arguments[1]);
        String keep = arguments[2];
        FileTime time = FileTime.from(Instant.ofEpochSecond(Long.parseLong(arguments[3])));
        Files.createDirectories(to);
        try (var jars = Files.list(from)) {
            for (Path jar : jars.filter(each -> each.toString().endsWith(".jar")).sorted().toList()) {
                copy(jar, to.resolve(jar.getFileName()), keep, time);
            }
        }
    }

    private static void copy(Path jar, Path to, String keep, FileTime time) throws IOException {
        try (ZipFile in = new ZipFile(jar.toFile());
                OutputStream file = Files.newOutputStream(to);
                ZipOutputStream out = new ZipOutputStream(file)) {
            out.setLevel(9);
            Enumeration<? extends ZipEntry> entries = in.entries();
            while (entries.hasMoreElements()) {
                ZipEntry entry = entries.nextElement();
                if (isOfAnother(entry.getName(), keep)) {
                    continue;
                }
                ZipEntry next = new ZipEntry(entry.getName());
                next.setLastModifiedTime(time);
                out.putNextEntry(next);
                try (InputStream content = in.getInputStream(entry)) {
                    content.transferTo(out);
                }
                out.closeEntry();
            }
        }
    }

    private static boolean isOfAnother(String name, String keep) {
        if (name.endsWith("/")) {
            return false;
        }
        for (String natives : NATIVES) {
            if (name.startsWith(natives)) {
                return !name.contains(keep + "/");
            }
        }
        return false;
    }
}
