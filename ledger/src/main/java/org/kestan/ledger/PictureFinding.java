package org.kestan.ledger;

import java.util.List;
import org.kestan.base.finding.Finding;
import org.kestan.base.finding.Quantity.Verbatim;

/** Problems with a picture. */
public enum PictureFinding implements Finding.Kind {
    TOO_LARGE,
    CANT_BE_READ,
    DAMAGED,
    NO_PICTURE,
    NOT_WRITTEN(Verbatim.class),
    A_PICTURE;

    private final List<Class<?>> takes;

    PictureFinding(Class<?>... takes) {
        this.takes = List.of(takes);
    }

    @Override
    public List<Class<?>> takes() {
        return takes;
    }
}
