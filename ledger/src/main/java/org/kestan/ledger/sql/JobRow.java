package org.kestan.ledger.sql;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Optional;
import org.jdbi.v3.core.statement.SqlStatement;
import org.kestan.base.finding.Keyed;
import org.kestan.ledger.JobCard;
import org.kestan.ledger.JobLocation;
import org.kestan.ledger.JobProjection;
import org.kestan.ledger.JobRecord;
import org.kestan.ledger.LineSketch;
import org.kestan.ledger.Versions;
import org.kestan.overview.Station;
import org.kestan.overview.StationFinding;

/** What is stored about a job besides its text, and how it is read again. */
record JobRow(JobProjection projection) {

    /** The columns of a card. */
    static final String CARD =
            "id, name, owner, station, waits_for, line, created_at, changed_at, archived, deleted_at, due";

    /** The columns of a whole job. */
    static final String RECORD = "id, revision, versions, created_at, changed_at, archived, deleted_at, body";

    /** Sets all of them, in the order of {@link #bind}. */
    static final String SETS =
            "name = ?, owner = ?, station = ?, waits_for = ?, line = ?, derived_by = ?, waits = ?, due = ?,"
                    + " lesson = ?";

    /** How many values that takes. */
    static final int COLUMNS = 9;

    /** Binds all values. */
    <S extends SqlStatement<S>> S bind(S statement) {
        return statement
                .bind(0, projection.name())
                .bind(1, projection.owner())
                .bind(2, projection.station().key())
                .bind(3, StationFinding.write(projection.waitsFor()))
                .bind(4, projection.line().map(LineSketch::text).orElse(""))
                .bind(5, projection.derivedBy())
                .bind(6, projection.waits())
                .bind(7, projection.due().map(LocalDate::toString).orElse(""))
                .bind(8, projection.lesson());
    }

    /** Reads a card from {@link #CARD}. */
    static JobCard card(ResultSet row) throws SQLException {
        return new JobCard(
                row.getString(1),
                row.getString(2),
                row.getString(3),
                // Until it is derived again, a row of an older program shows only that the job exists.
                Keyed.find(Station.class, row.getString(4)).orElse(Station.INTAKE),
                StationFinding.read(row.getString(5)).orElseGet(StationFinding.NOTHING_READ::of),
                day(row.getString(11)),
                LineSketch.read(row.getString(6)),
                instant(row.getString(7)),
                instant(row.getString(8)),
                shelf(row.getInt(9), row.getString(10)));
    }

    /** A time that can't be read, from another program or a damaged row, must not hide a job. */
    private static Instant instant(String text) {
        try {
            return Instant.parse(text);
        } catch (DateTimeParseException | NullPointerException odd) {
            return Instant.EPOCH;
        }
    }

    private static Optional<LocalDate> day(String text) {
        try {
            return text.isEmpty() ? Optional.empty() : Optional.of(LocalDate.parse(text));
        } catch (DateTimeParseException odd) {
            return Optional.empty();
        }
    }

    /** Reads a whole job from {@link #RECORD}. */
    static JobRecord record(ResultSet row) throws SQLException {
        return new JobRecord(
                row.getString(1),
                row.getInt(2),
                Versions.read(row.getString(3)),
                instant(row.getString(4)),
                instant(row.getString(5)),
                shelf(row.getInt(6), row.getString(7)),
                row.getString(7) == null ? null : instant(row.getString(7)),
                row.getString(8));
    }

    private static JobLocation shelf(int archived, String deleted) {
        return deleted != null ? JobLocation.BIN : archived != 0 ? JobLocation.AWAY : JobLocation.BENCH;
    }
}
