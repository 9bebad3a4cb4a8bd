package org.kestan.ledger;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import org.kestan.base.notation.Parsed;
import org.kestan.job.pictures.Photo;
import org.kestan.job.terms.Lines;
import org.testng.annotations.Test;

/**
 * What holds for zips of every ledger, whatever stores it: jobs go out and in, are recognized, and nothing hostile
 * gets in.
 */
public abstract class ArchiveContract extends LedgerFixture {

    @Test
    public void archiveCarriesJobsAndPicturesThereAndBack() throws IOException {
        String picture = ((Parsed.Ok<String>) ledger.pictures().add(png(40, 30))).value();
        ledger.insert(demo(0).withPhotos(List.of(new Photo(picture, "heel"))));
        LedgerJob away = ledger.insert(demo(3));
        ledger.archive(away.id(), true);
        Path zip = folder.resolve("all.zip");
        Archive.Outcome out = Archive.write(ledger, zip, (done, total) -> true);
        assertThat(out).isEqualTo(new Archive.Outcome(2, Archive.Met.NONE, false, List.of()));
        try (Ledger other = open(folder.resolve("elsewhere"))) {
            assertThat(Archive.read(other, zip, (done, total) -> true).done()).isEqualTo(2);
            assertThat(Files.exists(other.pictures().file(picture))).isTrue();
            assertThat(other.list(Query.ALL)).extracting(JobCard::name).containsExactly(demo(0).name());
            assertThat(other.list(new Query("", Optional.empty(), JobLocation.AWAY, Query.Order.NAME)))
                    .as("what was put away stays so")
                    .extracting(JobCard::id)
                    .containsExactly(away.id());
        }
    }

    /** One job with its pictures and papers, out and in: every byte of it. */
    @Test
    public void aJobGoesIntoAZipWholeAndComesBackWhole() throws IOException {
        String picture = ((Parsed.Ok<String>) ledger.pictures().add(png(40, 30))).value();
        LedgerJob entry = ledger.insert(demo(8).withPhotos(List.of(new Photo(picture, "heel"))));
        ledger.insert(demo(1));
        byte[] report = "the report \u00e6 \u4e2d".getBytes(StandardCharsets.UTF_8);
        assertThat(ledger.papers().keep(entry.id(), "report-1.html", report)).isTrue();
        assertThat(ledger.papers().keep(entry.id(), "report-1.html", report))
                .as("again")
                .isTrue();
        assertThat(ledger.papers().keep(entry.id(), "report-1.html", new byte[] {1}))
                .isTrue();
        assertThat(ledger.papers().of(entry.id()).keySet()).containsExactly("report-1 (2).html", "report-1.html");
        assertThat(ledger.papers().keep(entry.id(), "../out.html", report)).isFalse();
        assertThat(ledger.papers().keep("../elsewhere", "out.html", report)).isFalse();
        JobCard card = ledger.list(Query.ALL).stream()
                .filter(each -> each.id().equals(entry.id()))
                .findFirst()
                .orElseThrow();
        Path zip = folder.resolve("one.zip");
        assertThat(Archive.write(ledger, List.of(card), zip, Progress.UNTOLD).done())
                .isEqualTo(1);
        try (Ledger other = open(folder.resolve("elsewhere"))) {
            Archive.Outcome taken = Archive.read(other, zip, Progress.UNTOLD);
            assertThat(taken).isEqualTo(new Archive.Outcome(1, Archive.Met.NONE, false, List.of()));
            assertThat(other.text(entry.id())).isEqualTo(ledger.text(entry.id()));
            assertThat(Files.readAllBytes(other.pictures().file(picture)))
                    .isEqualTo(Files.readAllBytes(ledger.pictures().file(picture)));
            assertThat(Files.readAllBytes(other.papers().of(entry.id()).get("report-1.html")))
                    .isEqualTo(report);
            assertThat(other.papers().of(entry.id())).hasSize(2);
            Path again = folder.resolve("again.zip");
            Archive.write(other, other.list(Query.ALL), again, Progress.UNTOLD);
            assertThat(unpacked(again)).isEqualTo(unpacked(zip));
        }
        ledger.delete(entry.id());
        assertThat(ledger.papers().of(entry.id())).as("in the bin").hasSize(2);
        ledger.erase(entry.id());
        assertThat(ledger.papers().of(entry.id())).as("erased").isEmpty();
    }

    /** The names and bytes of a zip's files. */
    private static Map<String, String> unpacked(Path zip) throws IOException {
        Map<String, String> all = new TreeMap<>();
        try (ZipFile in = new ZipFile(zip.toFile())) {
            for (ZipEntry entry : in.stream().map(ZipEntry.class::cast).toList()) {
                all.put(
                        entry.getName(),
                        new String(in.getInputStream(entry).readAllBytes(), StandardCharsets.ISO_8859_1));
            }
        }
        return all;
    }

    @Test
    public void jobsThatAreThereAreKnownAgain() throws IOException {
        LedgerJob same = ledger.insert(demo(0));
        LedgerJob ours = ledger.insert(demo(1));
        LedgerJob theirs = ledger.insert(demo(2));
        Path zip = folder.resolve("all.zip");
        Archive.write(ledger, zip, Progress.UNTOLD);
        Path later = folder.resolve("later.zip");
        try (Ledger other = open(folder.resolve("elsewhere"))) {
            Archive.read(other, zip, Progress.UNTOLD);
            Archive.Outcome again = Archive.read(other, zip, Progress.UNTOLD);
            assertThat(again.done()).isZero();
            assertThat(again.met()).isEqualTo(new Archive.Met(3, 0, 0, 0));
            other.save(theirs.id(), 1, demo(2).with(Lines.OWNER, "changed there"));
            Archive.write(other, later, Progress.UNTOLD);
        }
        ledger.save(ours.id(), 1, demo(1).with(Lines.OWNER, "changed here"));
        Archive.Outcome outcome = Archive.read(ledger, later, Progress.UNTOLD);
        assertThat(outcome).isEqualTo(new Archive.Outcome(0, new Archive.Met(1, 1, 1, 0), false, List.of()));
        assertThat(ledger.read(same.id()).orElseThrow().job()).isEqualTo(demo(0));
        assertThat(ledger.read(ours.id()).orElseThrow().job().text(Lines.OWNER)).isEqualTo("changed here");
        assertThat(ledger.read(theirs.id()).orElseThrow().job().text(Lines.OWNER))
                .isEqualTo("changed there");
        assertThat(ledger.count()).isEqualTo(3);
    }

    /** Changed independently in two ledgers: both versions are kept, and both ledgers end up the same. */
    @Test
    public void whatPartedIsKeptTwice() throws IOException {
        LedgerJob entry = ledger.insert(demo(1));
        Path zip = folder.resolve("all.zip");
        Archive.write(ledger, zip, Progress.UNTOLD);
        try (Ledger other = open(folder.resolve("elsewhere"))) {
            Archive.read(other, zip, Progress.UNTOLD);
            ledger.save(entry.id(), 1, demo(1).with(Lines.OWNER, "changed here"));
            other.save(entry.id(), 1, demo(1).with(Lines.OWNER, "changed there"));
            Path there = folder.resolve("there.zip");
            Archive.write(ledger, zip, Progress.UNTOLD);
            Archive.write(other, there, Progress.UNTOLD);
            assertThat(Archive.read(ledger, there, Progress.UNTOLD).met().parted())
                    .isEqualTo(1);
            assertThat(Archive.read(other, zip, Progress.UNTOLD).met().parted()).isEqualTo(1);
            assertThat(owners(ledger)).containsExactlyInAnyOrder("changed here", "changed there");
            assertThat(owners(other)).isEqualTo(owners(ledger));
            Archive.write(ledger, zip, Progress.UNTOLD);
            assertThat(Archive.read(other, zip, Progress.UNTOLD).met()).isEqualTo(new Archive.Met(2, 0, 0, 0));
        }
    }

    private static List<String> owners(Ledger ledger) {
        return ledger.list(new Query("", Optional.empty(), JobLocation.BENCH, Query.Order.OWNER)).stream()
                .map(JobCard::owner)
                .toList();
    }

    /** The bin is included, with its papers; what was deleted since stays deleted. */
    @Test
    public void theBinGoesAlong() throws IOException {
        LedgerJob gone = ledger.insert(demo(1));
        ledger.papers().keep(gone.id(), "report.pdf", new byte[] {1, 2});
        Path before = folder.resolve("before.zip");
        Archive.write(ledger, before, Progress.UNTOLD);
        ledger.delete(gone.id());
        Path after = folder.resolve("after.zip");
        Archive.write(ledger, after, Progress.UNTOLD);
        assertThat(Archive.read(ledger, before, Progress.UNTOLD).met().older()).isEqualTo(1);
        assertThat(ledger.count()).isZero();
        try (Ledger other = open(folder.resolve("elsewhere"))) {
            Archive.read(other, before, Progress.UNTOLD);
            assertThat(other.count()).isEqualTo(1);
            assertThat(Archive.read(other, after, Progress.UNTOLD).met().newer())
                    .isEqualTo(1);
            assertThat(other.count()).isZero();
            assertThat(other.record(gone.id())).isEqualTo(ledger.record(gone.id()));
            other.restore(gone.id());
            assertThat(other.papers().of(gone.id())).containsKey("report.pdf");
        }
    }

    @Test
    public void papersOfNoJobAreRefusedWithATotal() throws IOException {
        Path zip = folder.resolve("papers.zip");
        try (ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(zip))) {
            for (int i = 0; i < 30; i++) {
                out.putNextEntry(new ZipEntry("papers/00000000-0000-0000-0000-0000000000" + (10 + i) + "/a.pdf"));
                out.write(i);
                out.closeEntry();
            }
        }
        List<String> refused = Archive.read(ledger, zip, Progress.UNTOLD).refused();
        assertThat(refused).hasSize(21);
        assertThat(refused.get(20)).isEqualTo("and 10 more, 30 in all");
        assertThat(folder.resolve("papers")).doesNotExist();
    }

    @Test
    public void longWorkCanBeStoppedAndLeavesNothingHalfDone() throws IOException {
        for (int i = 0; i < 5; i++) {
            ledger.insert(demo(i));
        }
        Path zip = folder.resolve("all.zip");
        Archive.Outcome outcome = Archive.write(ledger, zip, (done, total) -> done < 2);
        assertThat(outcome.stopped()).isTrue();
        assertThat(zip).doesNotExist();
        try (var files = Files.list(folder)) {
            assertThat(files.map(each -> each.getFileName().toString())).noneMatch(name -> name.endsWith(".tmp"));
        }
    }

    @Test
    public void hostileArchivesAreTakenApartCarefully() throws IOException {
        Path zip = folder.resolve("bad.zip");
        try (ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(zip))) {
            for (String[] entry : new String[][] {
                {"../../outside.kestan.json", "{\"kestan\": 1}"},
                {"broken.kestan.json", "{\"kestan\": 1"},
                {"script.sh", "rm -rf"}
            }) {
                out.putNextEntry(new ZipEntry(entry[0]));
                out.write(entry[1].getBytes(StandardCharsets.UTF_8));
                out.closeEntry();
            }
        }
        Archive.Outcome outcome = Archive.read(ledger, zip, (done, total) -> true);
        assertThat(outcome.done()).isEqualTo(1);
        assertThat(outcome.refused()).hasSize(2);
        assertThat(folder.resolveSibling("outside.kestan.json")).doesNotExist();
        Path noZip = Files.writeString(folder.resolve("text.zip"), "not a zip");
        assertThatThrownBy(() -> Archive.read(ledger, noZip, (done, total) -> true))
                .isInstanceOf(IOException.class);
    }

    static byte[] png(int width, int height) throws IOException {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        for (int i = 0; i < width * height; i++) {
            image.setRGB(i % width, i / width, i * 2654435);
        }
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(image, "png", bytes);
        return bytes.toByteArray();
    }
}
