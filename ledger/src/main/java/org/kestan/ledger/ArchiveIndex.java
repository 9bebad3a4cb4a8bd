package org.kestan.ledger;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.attribute.FileTime;
import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.HashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import org.kestan.files.job.JobFile;
import org.kestan.files.job.JobWriter;
import org.kestan.job.Job;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What a zip records about its jobs besides their files: id, revision, which ledgers changed them, both times, where
 * they were.
 */
final class ArchiveIndex {

    /** Its place in the zip. */
    static final String NAME = "ledger.json";

    private static final int LARGEST = 64 << 20;
    private static final ObjectMapper JSON = new ObjectMapper();

    /** The id at the end of a file's name, by which a job is recognized. */
    private static final Pattern ID = Pattern.compile(
            "([0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12})" + Pattern.quote(JobFile.EXTENSION) + "$");

    private final ArrayNode written = JSON.createArrayNode();
    private final Map<String, JsonNode> read = new HashMap<>();

    void add(String file, JobRecord record) {
        ObjectNode job = written.addObject();
        job.put("file", file);
        job.put("id", record.id());
        job.put("revision", record.revision());
        job.put("versions", record.versions().text());
        job.put("created", record.created().toString());
        job.put("changed", record.changed().toString());
        if (record.deleted() != null) {
            job.put("deleted", record.deleted().toString());
        }
    }

    byte[] bytes() {
        ObjectNode root = JSON.createObjectNode();
        root.put("kestanLedger", 1);
        root.set("jobs", written);
        return root.toPrettyString().getBytes(StandardCharsets.UTF_8);
    }

    /** Reads the index of a zip; empty if there is none, or it can't be read. */
    static ArchiveIndex of(ZipFile zip) {
        ArchiveIndex index = new ArchiveIndex();
        ZipEntry entry = zip.getEntry(NAME);
        if (entry != null) {
            try (InputStream in = zip.getInputStream(entry)) {
                for (JsonNode job : JSON.readTree(in.readNBytes(LARGEST)).path("jobs")) {
                    index.read.put(job.path("file").asString(), job);
                }
            } catch (IOException | JacksonException unreadable) {
                index.read.clear();
            }
        }
        return index;
    }

    /** Returns a job of the zip with what the index says about it; otherwise only with what its name and folder say. */
    JobRecord record(ZipEntry entry, Job job) {
        JsonNode said = read.getOrDefault(entry.getName(), JSON.createObjectNode());
        FileTime time = entry.getLastModifiedTime();
        Instant written = time == null ? Instant.EPOCH : time.toInstant();
        JobLocation shelf = Archive.FOLDERS.entrySet().stream()
                .filter(each -> entry.getName().startsWith(each.getValue()))
                .map(Map.Entry::getKey)
                .findFirst()
                .orElse(JobLocation.BENCH);
        Matcher named = ID.matcher(entry.getName());
        String id = said.path("id").asString("");
        Instant changed = time(said.path("changed"), written);
        return new JobRecord(
                Papers.isId(id) ? id : named.find() ? named.group(1) : "",
                Math.max(1, said.path("revision").asInt(1)),
                Versions.read(said.path("versions").asString("")),
                time(said.path("created"), changed),
                changed,
                shelf,
                shelf == JobLocation.BIN ? time(said.path("deleted"), changed) : null,
                JobWriter.write(job));
    }

    private static Instant time(JsonNode text, Instant otherwise) {
        try {
            return text.isString() ? Instant.parse(text.asString()) : otherwise;
        } catch (DateTimeParseException odd) {
            return otherwise;
        }
    }
}
