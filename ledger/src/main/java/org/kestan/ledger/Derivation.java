package org.kestan.ledger;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import org.kestan.base.standards.Letterhead;
import org.kestan.base.standards.ShopStandards;
import org.kestan.files.standards.StandardsFile;
import org.kestan.job.Job;

/**
 * How a ledger derives what its list shows about a job.
 *
 * @param shop the standards it goes by
 * @param key identifies the standards and the program; as long as it is the same, so are the results
 */
public record Derivation(ShopStandards shop, String key) {

    /** The version of the derivation; raised whenever a job may be derived differently. */
    private static final int WAY = 6;

    private static final int DIGEST_BYTES = 8;

    /** Returns how this program derives with the standards of a shop. */
    public static Derivation by(ShopStandards shop) {
        // What appears only on papers does not affect the list.
        ShopStandards shown = shop.withLetterhead(Letterhead.BLANK).withCurrency("");
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256")
                    .digest(StandardsFile.write(shown).getBytes(StandardCharsets.UTF_8));
            return new Derivation(shop, WAY + "-" + HexFormat.of().formatHex(digest, 0, DIGEST_BYTES));
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException("every Java has SHA-256", impossible);
        }
    }

    /** Projects a job. */
    public JobProjection of(Job job) {
        return JobProjection.of(job, this);
    }
}
